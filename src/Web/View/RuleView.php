<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Rule;

/** A figure the shop may set. */
final readonly class RuleView
{
    public function __construct(public string $rule, public string $area, public string $label, public string $reason, public string $unit, public float $value, public float $standard)
    {
    }

    public static function from(Rule $rule, float $value): self
    {
        return new self($rule->value, $rule->area(), $rule->label(), $rule->reason(), $rule->unit(), $value, $rule->standard());
    }
}
