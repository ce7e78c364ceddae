<?php

declare(strict_types=1);

namespace Yelbo\Trade\Time;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Dates counted back from the day the thing is used, and forward from today.
 *
 * Waiting is not work: it costs no bench minutes but it costs days. Source: handbook section 12.
 */
final readonly class Promise
{
    public function __construct(private Rules $rules)
    {
    }

    /** From when a thing is used that is needed on a day. */
    public function usedAt(\DateTimeImmutable $day): \DateTimeImmutable
    {
        return $day->setTime((int) $this->rules->value(Rule::UseHour), 0);
    }

    /**
     * When a piece put on at a moment may be used or washed.
     *
     * @param int|null $waits minutes; none for those film rests, as most does
     */
    public function restedAt(\DateTimeImmutable $applied, ?int $waits = null): \DateTimeImmutable
    {
        return $applied->add($this->wait($waits));
    }

    /**
     * The latest moment a decal must be on its object to be used at a moment.
     *
     * @param int|null $waits minutes, as above
     */
    public function onBy(\DateTimeImmutable $used, ?int $waits = null): \DateTimeImmutable
    {
        return $used->sub($this->wait($waits));
    }

    /**
     * Is what has not been put on yet late for its day?
     *
     * @param int|null $waits minutes, as above
     */
    public function isLate(
        \DateTimeImmutable $now,
        \DateTimeImmutable $used,
        ?\DateTimeImmutable $rested,
        ?int $waits = null,
    ): bool {
        return null === $rested ? $now > $this->onBy($used, $waits) : $rested > $used || $now > $used;
    }

    private function wait(?int $minutes): \DateInterval
    {
        return new \DateInterval('PT'.(int) round(60 * ($minutes ?? 60 * $this->rules->value(Rule::AdhesiveCure))).'S');
    }
}
