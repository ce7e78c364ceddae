<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

/** A figure as typed, by the rule it stands for. */
final readonly class TypedFigure
{
    public function __construct(public string $rule, public string $value)
    {
    }
}
