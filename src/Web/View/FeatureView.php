<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A part of the object to place by: from its middle to the art's, to the right and downwards. */
final readonly class FeatureView
{
    /**
     * @param string $label as it is shown
     * @param LengthView $across from the left of the object
     * @param LengthView $down from the top of the object
     */
    public function __construct(public string $label, public LengthView $across, public LengthView $down)
    {
    }
}
