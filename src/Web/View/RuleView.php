<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A figure the shop may set. */
final readonly class RuleView
{
    public function __construct(public string $rule, public string $says, public string $reason, public string $unit, public float $value, public float $standard)
    {
    }
}
