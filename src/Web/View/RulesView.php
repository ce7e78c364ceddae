<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** All figures the shop may set. */
final readonly class RulesView
{
    /** @param list<RuleView> $rules the figures*/
    public function __construct(public array $rules)
    {
    }
}
