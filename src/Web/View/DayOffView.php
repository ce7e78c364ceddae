<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\DayOff;

/** Days the shop is closed, or somebody is away. */
final readonly class DayOffView
{
    /**
     * @param int $id its number
     * @param string|null $who who is away; null where the shop is closed
     * @param string $first 2026-12-24
     * @param string $last 2026-12-26
     * @param string $why in a few words
     */
    public function __construct(
        public int $id,
        public ?string $who,
        public string $first,
        public string $last,
        public string $why,
    ) {
    }

    public static function from(DayOff $off): self
    {
        return new self(
            $off->id(),
            $off->who()?->name(),
            $off->first()->format('Y-m-d'),
            $off->last()->format('Y-m-d'),
            $off->why(),
        );
    }
}
