<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rule;

/** The other school's way of doing a step: the figure that would choose it, and why one would. */
final readonly class OtherWay
{
    /**
     * @param Rule   $rule  which school is a figure of the shop; a decal may have its own
     * @param float  $value of that figure for the other way
     * @param string $title in a few words
     * @param string $why   in a sentence
     */
    public function __construct(public Rule $rule, public float $value, public string $title, public string $why)
    {
    }
}
