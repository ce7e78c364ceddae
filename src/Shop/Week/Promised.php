<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

/** When an order that is only asked for yet can be ready, told from the queue. */
final readonly class Promised
{
    /**
     * @param string                                              $chain  what it is made of, to be read out
     * @param bool|null                                           $inTime none where the day is not known
     * @param \DateTimeImmutable|null                             $yesBy  by when the yes is needed for that day; none
     *     where the day is not known, or it is too late already
     * @param list<array{says: string, ready: \DateTimeImmutable}> $sooner what would make it earlier, most first
     */
    public function __construct(
        public \DateTimeImmutable $readyAt,
        public string $chain,
        public ?bool $inTime,
        public ?\DateTimeImmutable $yesBy,
        public array $sooner,
    ) {
    }
}
