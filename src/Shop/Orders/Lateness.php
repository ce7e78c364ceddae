<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Rule;
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
            $docket->waitsFor(),
        );
    }

    /** Whether a piece will not be ready in time, as things stand now. */
    public function isPieceLate(Piece $piece): bool
    {
        return $this->willBeLate(
            $piece->docket()->neededAt(),
            $piece->state(),
            $piece->restsUntil(),
            $piece->item()->waitsFor(),
        );
    }

    /**
     * The same of an order that is not read.
     *
     * @param list<array{PieceState, \DateTimeImmutable|null}> $pieces where each stands and until when it rests
     * @param string                                           $for    what it waits for, as `Docket::waitsFor()`
     */
    public function isLate(DocketState $state, ?\DateTimeImmutable $needed, array $pieces, string $for): bool
    {
        if (null === $needed || \in_array($state, [DocketState::Done, DocketState::Cancelled], true)) {
            return false;
        }
        foreach ($pieces as [$stands, $rests]) {
            if ($this->willBeLate($needed, $stands, $rests, $for)) {
                return true;
            }
        }

        return [] === $pieces
            && $this->promise()->isLate($this->clock->now(), $needed, null, $this->minutes($for));
    }

    /**
     * Whether a piece that stands somewhere will not be ready in time, as things stand now.
     *
     * @param \DateTimeImmutable|null $rests until when it rests on its object
     * @param string                  $for   what it waits for once it is on, as `Item::waitsFor()`
     */
    public function willBeLate(
        ?\DateTimeImmutable $needed,
        PieceState $state,
        ?\DateTimeImmutable $rests,
        string $for,
    ): bool {
        $station = $state->station();
        if (null === $needed || null === $station) {
            return false;
        }
        $on = \in_array($station, [Station::Apply, Station::Send], true);

        return $this->promise()->isLate(
            $this->clock->now(),
            $needed,
            $rests ?? ($on ? $this->clock->now() : null),
            $this->minutes($for),
        );
    }

    /** The latest moment an order's decals must be on their object; none where nobody said when they are used. */
    public function onBy(Docket $docket): ?\DateTimeImmutable
    {
        $needed = $docket->neededAt();

        return null === $needed ? null : $this->promise()->onBy($needed, $this->minutes($docket->waitsFor()));
    }

    /**
     * The earliest moment an order taken now can be used.
     *
     * @param \DateTimeImmutable|null $painted the day its object was painted on, where that is known: film waits for it
     * @param string                  $for     what it waits for once it is on, as `Item::waitsFor()`
     */
    public function earliest(?\DateTimeImmutable $painted, string $for): \DateTimeImmutable
    {
        $earliest = $this->promise()->earliest($this->clock->now(), $this->minutes($for));
        $rested = null === $painted
            ? $earliest
            : $this->promise()->restedAt(
                (new Paint($painted, $this->rules->current()))->curedAt(),
                $this->minutes($for),
            );

        return max($earliest, $rested);
    }

    /**
     * What the earliest moment is made of, in a few words.
     *
     * @param \DateTimeImmutable|null $painted the day its object was painted on
     * @param string                  $for     what it waits for once it is on, as `Item::waitsFor()`
     */
    public function because(?\DateTimeImmutable $painted, string $for): string
    {
        $minutes = $this->minutes($for);
        $days = $this->rules->current()->value(Rule::BenchDays);
        $cures = null !== $painted
            && (new Paint($painted, $this->rules->current()))->curedAt() > $this->clock->now();

        return ($cures ? 'its paint cures first, ' : '').
            $days.
            (1.0 === $days ? ' day' : ' days').
            ' at the bench, then '.
            match (true) {
                0 === $minutes => 'it is used at once',
                $minutes < 120 => "$minutes min until it is used",
                $minutes <= 5 * 24 * 60 => round($minutes / 60).' h until it is used',
                default => round($minutes / 1440).' days until it is used',
            }.
            '.';
    }

    /**
     * Can an order taken now be used on a day?
     *
     * @param string                  $typed   a day, as is usual here
     * @param \DateTimeImmutable|null $painted the day its object was painted on
     * @param string                  $for     what it waits for once it is on, as `Item::waitsFor()`
     *
     * @return bool|null none where it is no day
     */
    public function isInTime(string $typed, ?\DateTimeImmutable $painted, string $for): ?bool
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());

        return false === $day ? null : $this->promise()->usedAt($day) >= $this->earliest($painted, $for);
    }

    /**
     * Minutes the slowest of some decals waits once it is on.
     *
     * @param string $for film and finish of each, as `Item::waitsFor()`, by commas
     */
    private function minutes(string $for): int
    {
        $waits = [0];
        foreach (explode(',', $for) as $one) {
            [$film, $finish] = [...explode('/', $one), ''];
            $waits[] = Waits::untilUsed(
                Film::tryFrom($film) ?? Film::Permanent,
                Finish::tryFrom($finish) ?? Finish::None,
                $this->rules->current(),
            );
        }

        return max($waits);
    }

    private function promise(): Promise
    {
        return new Promise($this->rules->current());
    }
}
