<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Rule;

/** A limit that the shop's own log contradicts, and what the log says instead: for the owner to take or leave. */
final readonly class Proposal
{
    /**
     * @param float $from in the rule’s own unit
     * @param float $to in the figure's own unit
     */
    public function __construct(public Rule $rule, public float $from, public float $to, public string $says)
    {
    }
}
