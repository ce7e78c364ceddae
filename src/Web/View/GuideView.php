<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A place at which something is in line with the rest. */
final readonly class GuideView
{
    /**
     * @param float  $at    its left or top there, mm
     * @param float  $line  the line it then keeps to, mm
     * @param string $label what that is
     */
    public function __construct(public float $at, public float $line, public string $label)
    {
    }
}
