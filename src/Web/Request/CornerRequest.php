<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A place on a photo. */
final readonly class CornerRequest
{
    /**
     * @param float $x from the left, pixels
     * @param float $y from the top, pixels
     */
    public function __construct(public float $x, public float $y)
    {
    }
}
