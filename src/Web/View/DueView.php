<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\Due;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\Station;

/** What is to be done next with an order that is being made. */
final readonly class DueView
{
    /**
     * @param Station $station where it is done
     * @param int|null $piece the number of the piece it is done with; null where it is a thing
     * @param int|null $thing the number of the thing it is done with; null where it is a piece
     * @param string $says what that is, in a few words
     */
    public function __construct(
        public Station $station,
        public ?int $piece,
        public ?int $thing,
        public string $says,
    ) {
    }

    public static function from(Due $due): self
    {
        $isThing = $due->what instanceof Thing;

        return new self(
            $due->station,
            $isThing ? null : $due->what->id(),
            $isThing ? $due->what->id() : null,
            $due->says,
        );
    }
}
