<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** Where one physical decal stands. */
enum PieceState: string
{
    /** Approved, waits for film. */
    case Waiting = 'waiting';
    /** In a batch, waits for the cutter. */
    case Batched = 'batched';
    case Cutting = 'cutting';
    case Weeding = 'weeding';
    /** Weeded: to be applied, or packed for the customer to apply. */
    case Applying = 'applying';
    /** On its object, the wait running. */
    case Curing = 'curing';
    case Ready = 'ready';
    case OnItsWay = 'on-its-way';
    case Delivered = 'delivered';
    /** Its approval was taken back before anything was cut. */
    case Withdrawn = 'withdrawn';

    /** The station it stands at; none off the line. */
    public function station(): ?Station
    {
        return match ($this) {
            self::Waiting => Station::Batch,
            self::Batched, self::Cutting => Station::Cut,
            self::Weeding => Station::Weed,
            self::Applying, self::Curing => Station::Apply,
            self::Ready, self::OnItsWay => Station::Send,
            self::Delivered, self::Withdrawn => null,
        };
    }

    /** @return list<self> the states of the pieces that stand at a station */
    public static function atStation(?Station $station): array
    {
        return null === $station
            ? []
            : array_values(array_filter(
                self::cases(),
                static fn (self $state): bool => $state->station() === $station,
            ));
    }

    /** As it is said of a piece that stands there. */
    public function inWords(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** How far along it is: the piece furthest behind tells where its docket stands. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
