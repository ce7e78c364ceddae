<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\Fitted;

/**
 * An element at its size, in its place on an object.
 *
 * @phpstan-import-type Distances from DrawnDesign
 */
final readonly class LaidElement
{
    /**
     * @param int       $nth       its place in the list, from 0
     * @param Distances $distances from it to edges, middle, parts and what lies beside it
     */
    public function __construct(
        public int $nth,
        public DesignElement $element,
        public Fitted $fitted,
        public array $distances,
    ) {
    }
}
