<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** All a nesting lays out. */
final readonly class ShapesView
{
    /** @param list<ShapeView> $shapes the outlines of the pieces*/
    public function __construct(public array $shapes)
    {
    }
}
