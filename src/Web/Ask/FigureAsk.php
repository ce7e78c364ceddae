<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A figure as typed, by the rule it stands for. */
final readonly class FigureAsk
{
    public function __construct(public string $rule, public string $value)
    {
    }
}
