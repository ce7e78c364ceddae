<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Handover;

/** The step that is due of an order: of the piece furthest behind, or of the thing it is on by then. */
final readonly class DueSteps
{
    public function __construct(private WorkPlans $plans, private ClockInterface $clock)
    {
    }

    /** None of what is not being made, or has arrived. */
    public function of(Docket $docket): ?Due
    {
        $pieces = array_filter(
            $docket->pieces(),
            static fn (Piece $piece): bool => null !== $piece->state()->station(),
        );
        usort($pieces, static fn (Piece $a, Piece $b): int => $a->state()->rank() <=> $b->state()->rank());
        $piece = $pieces[0] ?? null;
        $station = $piece?->state()->station();
        if (null === $piece || null === $station) {
            return null;
        }

        return match ($piece->state()) {
            PieceState::Waiting => new Due($station, $piece, "Batch {$piece->tag()}"),
            PieceState::Batched => new Due($station, $piece, "Cut {$piece->tag()}"),
            PieceState::Cutting => new Due($station, $piece, "{$piece->tag()} is on the cutter"),
            PieceState::Weeding => new Due($station, $piece, "Weed {$piece->tag()}"),
            default => new Due($station, $piece->thing(), $this->ofThing($piece->thing())),
        };
    }

    private function ofThing(Thing $thing): string
    {
        return $this->says($thing).': '.$thing->tag();
    }

    private function says(Thing $thing): string
    {
        $now = $this->clock->now();
        $until = static fn (?\DateTimeImmutable $moment): string => $moment?->format('D j M, H:i') ?? '';

        return match ($thing->state()) {
            PieceState::Curing => $thing->restsUntil() > $now
                ? "Rests until {$until($thing->restsUntil())}"
                : 'It has rested',
            PieceState::Ready => Handover::Posted === $thing->docket()->delivery() ? 'Post it' : 'Hand it over',
            PieceState::OnItsWay => 'Has it arrived?',
            default => $thing->progress()->driesUntil > $now
                ? "Dries until {$until($thing->progress()->driesUntil)}"
                : $this->step($thing),
        };
    }

    private function step(Thing $thing): string
    {
        $left = array_diff_key($this->plans->of($thing)->handSteps(), array_flip($thing->progress()->done));
        $next = reset($left);

        return false === $next ? ($thing->item()->isAppliedHere() ? 'Applied' : 'Packed') : $next->title;
    }
}
