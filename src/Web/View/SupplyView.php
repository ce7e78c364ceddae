<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\Supply;

/** A tape or a blank. */
final readonly class SupplyView
{
    /**
     * @param int $id its number in the records
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $number as it is written on the label
     * @param string $kind which kind it is
     * @param string $name as people call it
     * @param LengthView|null $width how wide the tape is
     * @param float $amount how much of it, in its unit
     * @param string $unit the unit of the amount
     * @param string $bin where it lies
     * @param float|null $lowAt what there is less of is low
     * @param bool $low whether there is less than there should be
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $number,
        public string $kind,
        public string $name,
        public ?LengthView $width,
        public float $amount,
        public string $unit,
        public string $bin,
        public ?float $lowAt,
        public bool $low,
    ) {
    }

    public static function from(Supply $supply): self
    {
        return new self(
            $supply->id(),
            $supply->version(),
            $supply->number(),
            $supply->kind(),
            $supply->name(),
            null === $supply->width() ? null : LengthView::micrometres($supply->width()),
            $supply->shown($supply->amount()),
            $supply->unit(),
            $supply->bin(),
            null === $supply->lowAt() ? null : $supply->shown($supply->lowAt()),
            $supply->isLow(),
        );
    }
}
