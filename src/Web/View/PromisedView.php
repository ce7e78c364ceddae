<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\Promised;

/** When an order can be ready, told from the queue. */
final readonly class PromisedView
{
    /**
     * @param string $readyAt the earliest moment it can be used, ISO 8601
     * @param string $chain what that is made of, to be read out
     * @param bool|null $inTime whether that is soon enough; null where the day is not known
     * @param string|null $yesBy by when the yes is needed for that day, ISO 8601; null where none would do
     * @param list<SoonerView> $sooner what would make it earlier, most first
     */
    public function __construct(
        public string $readyAt,
        public string $chain,
        public ?bool $inTime,
        public ?string $yesBy,
        public array $sooner,
    ) {
    }

    public static function from(Promised $promised): self
    {
        return new self(
            $promised->readyAt->format(\DATE_ATOM),
            $promised->chain,
            $promised->inTime,
            $promised->yesBy?->format(\DATE_ATOM),
            array_map(
                static fn (array $one): SoonerView => new SoonerView($one['says'], $one['ready']->format(\DATE_ATOM)),
                $promised->sooner,
            ),
        );
    }
}
