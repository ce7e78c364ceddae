<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A sheet of a plan. */
final readonly class PlanSheetView
{
    /**
     * @param list<LaidView> $places
     * @param list<string>   $boxes  weed boxes, once the plan is done
     */
    public function __construct(public StockItemView $stock, public SizeView $size, public string $outline, public array $places, public LengthView $length, public LengthView $rest, public float $fill, public array $boxes)
    {
    }
}
