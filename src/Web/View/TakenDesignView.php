<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\TypedDesign;

/** A design of the shop's own, as it would be typed for one object. */
final readonly class TakenDesignView
{
    /** @param TypedDesign $design as it would be typed */
    public function __construct(public TypedDesign $design)
    {
    }
}
