<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Usage;

/** One thing of an order that can be drawn already while it is asked for. */
final readonly class AskedItem
{
    /** @param DrawnDesign $drawn its words, of a roster the longest name */
    public function __construct(
        public Answers $answers,
        public DrawnDesign $drawn,
        public MeasuredObject $object,
        public FilmOnShelf $film,
        public Usage $use,
    ) {
    }
}
