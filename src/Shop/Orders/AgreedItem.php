<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\Finish;

/** The answers to one thing of an order once they have been read and make sense. */
final readonly class AgreedItem
{
    /**
     * @param list<string>       $words  none where something else stands in their place
     * @param list<list<string>> $roster the lines of each decal of a set; none where all are alike
     * @param DesignElement|null $motif  what stands in the place of words
     */
    public function __construct(
        public array $words,
        public MeasuredObject $object,
        public Usage $useOf,
        public FilmOnShelf $film,
        public int $quantity,
        public bool $appliedHere,
        public array $roster = [],
        public Finish $finish = Finish::None,
        public ?DesignElement $motif = null,
    ) {
    }

    /** How many decals in all: names, copies and panes. */
    public function decals(): int
    {
        return max(1, \count($this->roster)) * $this->quantity * $this->object->panes();
    }
}
