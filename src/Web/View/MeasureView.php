<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A length that is measured of an object. */
final readonly class MeasureView
{
    /**
     * @param string $name the name of the field
     * @param string $label as it is shown
     * @param bool $needed whether it has to be answered
     */
    public function __construct(public string $name, public string $label, public bool $needed)
    {
    }
}
