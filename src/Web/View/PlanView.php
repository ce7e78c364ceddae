<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Pieces laid out on one sheet. */
final readonly class PlanView
{
    /**
     * @param list<PlaceView> $places
     * @param list<LeftView>  $left
     */
    public function __construct(
        public StockItemView $stock,
        public array $places,
        public array $left,
        public LengthView $length,
        public float $fill,
        public float $film,
        public float $weeding,
        public LengthView $gap,
        public LengthView $rest,
    ) {
    }
}
