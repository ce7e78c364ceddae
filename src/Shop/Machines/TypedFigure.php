<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

/** A figure as typed, by the rule it stands for. */
final readonly class TypedFigure
{
    /**
     * @param string $rule the short name of the figure
     * @param string $value as typed; empty for the standard
     */
    public function __construct(public string $rule, public string $value)
    {
    }
}
