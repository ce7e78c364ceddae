<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** How art that is too fine to cut is made simpler, step by step, and the drawing it ends in. */
final readonly class Simplified
{
    /**
     * @param list<SimplifiedStep>  $steps  in their order; none where no mending helps
     * @param int                   $left   stops that no step takes away
     * @param array<string, string> $change of the setting, all steps together, as it could be typed
     */
    public function __construct(public array $steps, public int $left, public array $change)
    {
    }
}
