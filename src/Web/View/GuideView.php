<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A place at which something is in line with the rest. */
final readonly class GuideView
{
    /**
     * @param LengthView $at its left or top there
     * @param LengthView $line the line it then keeps to
     * @param string $label what that is
     */
    public function __construct(public LengthView $at, public LengthView $line, public string $label)
    {
    }
}
