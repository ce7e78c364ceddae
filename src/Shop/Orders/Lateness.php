<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Time\Paint;
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
        return $this->isLate(
            $docket->state(),
            $docket->neededAt(),
            array_map(static fn (Piece $piece): array => [$piece->state(), $piece->restsUntil()], $docket->pieces()),
        );
    }

    /** Whether a piece will not be ready in time, as things stand now. */
    public function isPieceLate(Piece $piece): bool
    {
        return $this->willBeLate($piece->docket()->neededAt(), $piece->state(), $piece->restsUntil());
    }

    /**
     * The same of an order that is not read.
     *
     * @param list<array{PieceState, \DateTimeImmutable|null}> $pieces where each stands and until when it rests
     */
    public function isLate(DocketState $state, ?\DateTimeImmutable $needed, array $pieces): bool
    {
        if (null === $needed || \in_array($state, [DocketState::Done, DocketState::Cancelled], true)) {
            return false;
        }
        foreach ($pieces as [$stands, $rests]) {
            if ($this->willBeLate($needed, $stands, $rests)) {
                return true;
            }
        }

        return [] === $pieces && $this->promise()->isLate($this->clock->now(), $needed, null);
    }

    /**
     * Whether a piece that stands somewhere will not be ready in time, as things stand now.
     *
     * @param \DateTimeImmutable|null $rests until when it rests on its object
     */
    public function willBeLate(
        ?\DateTimeImmutable $needed,
        PieceState $state,
        ?\DateTimeImmutable $rests,
    ): bool {
        $station = $state->station();
        if (null === $needed || null === $station) {
            return false;
        }
        $on = \in_array($station, [Station::Apply, Station::Send], true);

        return $this->promise()->isLate($this->clock->now(), $needed, $rests ?? ($on ? $this->clock->now() : null));
    }

    /** The latest moment an order's decals must be on their object; none where nobody said when they are used. */
    public function onBy(Docket $docket): ?\DateTimeImmutable
    {
        return null === $docket->neededAt() ? null : $this->promise()->onBy($docket->neededAt());
    }

    /**
     * The earliest moment an order taken now can be used.
     *
     * @param \DateTimeImmutable|null $painted the day its object was painted on, where that is known: film waits for it
     */
    public function earliest(?\DateTimeImmutable $painted = null): \DateTimeImmutable
    {
        $earliest = $this->promise()->earliest($this->clock->now());
        $rested = null === $painted
            ? $earliest
            : $this->promise()->restedAt((new Paint($painted, $this->rules->current()))->curedAt());

        return max($earliest, $rested);
    }

    /**
     * Can an order taken now be used on a day?
     *
     * @param string                  $typed   a day, as is usual here
     * @param \DateTimeImmutable|null $painted the day its object was painted on
     *
     * @return bool|null none where it is no day
     */
    public function isInTime(string $typed, ?\DateTimeImmutable $painted = null): ?bool
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());

        return false === $day ? null : $this->promise()->usedAt($day) >= $this->earliest($painted);
    }

    private function promise(): Promise
    {
        return new Promise($this->rules->current());
    }
}
