<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Time\Paint;

/** What a decal that is asked for goes on, and how, as far as that is known. */
final readonly class AskedOn
{
    /**
     * @param FilmOnShelf|null $film       of the item, where its layers have none of their own
     * @param bool             $here       whether the shop puts it on
     * @param bool             $hasInsides letters are cut out of a solid
     */
    public function __construct(
        public ?MeasuredObject $object,
        public ?FilmOnShelf $film,
        public Usage $use,
        public ?Material $material,
        public bool $here,
        public Finish $finish,
        public bool $hasInsides = false,
    ) {
    }

    /** As it was taken and drawn. */
    public static function drawn(Item $item): self
    {
        return new self(
            $item->object(),
            $item->film(),
            $item->useOf(),
            $item->object()->material(),
            $item->isAppliedHere(),
            $item->finish(),
            $item->design()->hasInsides(),
        );
    }

    /** When its paint has cured; none of what is not painted. */
    public function curedAt(Rules $rules): ?\DateTimeImmutable
    {
        $day = $this->object?->paintedOn();

        return null === $day ? null : (new Paint($day, $rules))->curedAt();
    }

    /** How many panes it has; one of anything else. */
    public function panes(): int
    {
        return $this->object?->panes() ?? 1;
    }
}
