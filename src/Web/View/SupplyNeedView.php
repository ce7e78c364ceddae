<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\Supply;

/** What is needed of a tape or a blank, and what there is. */
final readonly class SupplyNeedView
{
    /**
     * @param string $name as people call it
     * @param float $needed metres of tape, or how many blanks
     * @param float $shelf what there is, likewise
     * @param string $unit m of tape, none of blanks
     * @param bool $isEnough whether that is enough
     */
    public function __construct(
        public string $name,
        public float $needed,
        public float $shelf,
        public string $unit,
        public bool $isEnough,
    ) {
    }

    /** @param int $needed mm of tape, or how many blanks */
    public static function from(Supply $supply, int $needed): self
    {
        return new self(
            $supply->name(),
            round($supply->shown($needed), 2),
            round($supply->shown($supply->amount()), 2),
            $supply->unit(),
            $needed <= $supply->amount(),
        );
    }
}
