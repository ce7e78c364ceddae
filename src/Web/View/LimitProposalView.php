<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Rule;

/** A limit the shop's own log says otherwise. */
final readonly class LimitProposalView
{
    /**
     * @param Rule $rule the figure
     * @param string $label what it is called
     * @param string $unit of it
     * @param float $from what it is
     * @param float $to what the log says
     * @param string $says on what that rests
     */
    public function __construct(
        public Rule $rule,
        public string $label,
        public string $unit,
        public float $from,
        public float $to,
        public string $says,
    ) {
    }
}
