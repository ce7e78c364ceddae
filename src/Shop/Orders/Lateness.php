<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Time\Promise;

/** Whether orders and pieces will be there in time, as things stand now. */
final readonly class Lateness
{
    public function __construct(private ClockInterface $clock, private ShopRules $rules)
    {
    }

    /** Whether an order will not be ready in time, as things stand now. */
    public function isDocketLate(Docket $docket): bool
    {
        if (
            null === $docket->neededAt()
            || \in_array($docket->state(), [DocketState::Done, DocketState::Cancelled], true)
        ) {
            return false;
        }
        foreach ($docket->pieces() as $piece) {
            if ($this->isPieceLate($piece)) {
                return true;
            }
        }

        return [] === $docket->pieces() && $this->promise()->isLate($this->clock->now(), $docket->neededAt(), null);
    }

    /** Whether a piece will not be ready in time, as things stand now. */
    public function isPieceLate(Piece $piece): bool
    {
        $needed = $piece->docket()->neededAt();
        $station = $piece->state()->station();
        if (null === $needed || null === $station) {
            return false;
        }
        $on = \in_array($station, [Station::Apply, Station::Send], true);

        return $this->promise()->isLate(
            $this->clock->now(),
            $needed,
            $piece->restsUntil() ?? ($on ? $this->clock->now() : null),
        );
    }

    /** The latest moment an order's decals must be on their object; none where nobody said when they are used. */
    public function onBy(Docket $docket): ?\DateTimeImmutable
    {
        return null === $docket->neededAt() ? null : $this->promise()->onBy($docket->neededAt());
    }

    /** The earliest moment an order taken now can be used. */
    public function earliest(): \DateTimeImmutable
    {
        return $this->promise()->earliest($this->clock->now());
    }

    /**
     * Can an order taken now be used on a day?
     *
     * @param string $typed a day, as is usual here
     *
     * @return bool|null none where it is no day
     */
    public function isInTime(string $typed): ?bool
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());

        return false === $day ? null : $this->promise()->usedAt($day) >= $this->earliest();
    }

    private function promise(): Promise
    {
        return new Promise($this->rules->current());
    }
}
