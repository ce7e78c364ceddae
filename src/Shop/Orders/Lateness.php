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
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\Waits;
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
            array_map(
                static fn (Piece $piece): array => [$piece->state(), $piece->thing()->restsUntil()],
                $docket->pieces(),
            ),
            $docket->waitsFor(),
        );
    }

    /** Whether a piece will not be ready in time, as things stand now. */
    public function isPieceLate(Piece $piece): bool
    {
        return $this->willBeLate(
            $piece->docket()->neededAt(),
            $piece->state(),
            $piece->thing()->restsUntil(),
            $piece->item()->waitsFor(),
        );
    }

    /**
     * Whether an order is late that is not read.
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
            && $this->promise()->isLate(
                $this->clock->now(),
                $needed,
                null,
                $this->minutes($for) + $this->way($for),
            );
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
        $ready = $rests ?? ($on ? $this->clock->now() : null);
        $way = PieceState::OnItsWay === $state ? 0 : $this->way($for);

        return $this->promise()->isLate(
            $this->clock->now(),
            $needed,
            $ready?->add(new \DateInterval("PT{$way}M")),
            $this->minutes($for) + $way,
        );
    }

    /**
     * The latest moment an order's decals must be on their object, or on their way; none where nobody said when they
     * are used.
     */
    public function onBy(Docket $docket): ?\DateTimeImmutable
    {
        $needed = $docket->neededAt();
        $for = $docket->waitsFor();

        return null === $needed ? null : $this->promise()->onBy($needed, $this->minutes($for) + $this->way($for));
    }

    /** Minutes some decals are on their way to their customer. @param string $for as `Item::waitsFor()`, by commas */
    private function way(string $for): int
    {
        $way = explode('/', explode(',', $for)[0])[2] ?? '';

        return Handover::tryFrom($way)?->onItsWay($this->rules->current()) ?? 0;
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
