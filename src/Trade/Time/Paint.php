<?php

declare(strict_types=1);

namespace Yelbo\Trade\Time;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** How far paint on an object is, by the day of its last coat. Source: handbook sections 11 and 12. */
final readonly class Paint
{
    /** Painted on a day it was done by this hour. */
    private const EVENING = 18;

    /** @param \DateTimeImmutable $on the day of its last coat */
    public function __construct(private \DateTimeImmutable $on, private Rules $rules)
    {
    }

    /** From when film goes on it. */
    public function curedAt(): \DateTimeImmutable
    {
        return $this->on->setTime(self::EVENING, 0)->modify(
            '+'.(int) round(60 * $this->rules->value(Rule::PaintCures)).' minutes',
        );
    }

    /** Whether alcohol would harm it still. */
    public function isYoung(\DateTimeImmutable $now): bool
    {
        return $now < $this->on->modify('+'.(int) $this->rules->value(Rule::PaintYoung).' days');
    }
}
