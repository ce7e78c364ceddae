<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Rule;

/** A figure the shop may set. */
final readonly class RuleView
{
    /**
     * @param Rule $rule the short name of the figure
     * @param string $area what it belongs to
     * @param string $label as it is shown
     * @param string $reason why it is so
     * @param string $unit the unit of the amount
     * @param float $value what the shop works with
     * @param float $standard what it is where nothing was changed
     * @param int $version counts the shop's changes of it; 0 where there was none
     */
    public function __construct(
        public Rule $rule,
        public string $area,
        public string $label,
        public string $reason,
        public string $unit,
        public float $value,
        public float $standard,
        public int $version,
    ) {
    }

    public static function from(Rule $rule, float $value, int $version): self
    {
        return new self(
            $rule,
            $rule->area(),
            $rule->label(),
            $rule->reason(),
            $rule->unit(),
            $value,
            $rule->standard(),
            $version,
        );
    }
}
