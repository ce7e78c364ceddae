<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\Supply;

/** A tape or a blank. */
final readonly class SupplyView
{
    public function __construct(public int $id, public int $version, public string $number, public string $kind, public string $name, public ?LengthView $width, public float $amount, public string $unit, public string $bin, public ?float $lowAt, public bool $low)
    {
    }

    public static function from(Supply $supply): self
    {
        return new self(
            $supply->id(), $supply->version(), $supply->number(), $supply->kind(), $supply->name(), null === $supply->width() ? null : LengthView::micrometres($supply->width()),
            $supply->shown($supply->amount()), $supply->unit(), $supply->bin(), null === $supply->lowAt() ? null : $supply->shown($supply->lowAt()), $supply->isLow(),
        );
    }
}
