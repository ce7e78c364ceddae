<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;

/** What a thing does next at the bench: whether it may, what goes with it, and what it takes. */
final readonly class ThingMoves
{
    public function __construct(
        private Book $book,
        private ClockInterface $clock,
        private Materials $materials,
        private WorkPlans $plans,
    ) {
    }

    /** @return list<Thing> those that make a move with one; of what rests only what has rested */
    public function alike(Thing $thing, PieceMove $move): array
    {
        return PieceMove::Rested !== $move
            ? $thing->alike()
            : array_values(
                array_filter(
                    $thing->alike(),
                    fn (Thing $other): bool => $other->restsUntil() <= $this->clock->now(),
                ),
            );
    }

    /** Makes a move with a thing: materials go off the shelf, what was done stands in the book. */
    public function make(Thing $thing, PieceMove $move): void
    {
        $now = $this->clock->now();
        $thing->move($move, $now);
        if (PieceMove::Rested !== $move) {
            $this->materials->book($thing);
        }
        if (PieceMove::Applied === $move) {
            $this->rest($thing, $now);
        }
        $this->book->note(
            $move->value,
            $thing->tag().
                ' '.
                match (true) {
                    PieceMove::Applied !== $move => lcfirst($move->label()),
                    PieceState::Curing === $thing->state() => 'applied; rests until '.
                        ($thing->restsUntil()?->format('D j M, H:i') ?? 'ready'),
                    default => 'applied',
                },
            $thing->docket()->number(),
            $thing->nth(),
        );
    }

    /** What is on a vehicle or a wall is handed over at once: it rests there. What holds without glue does not rest. */
    private function rest(Thing $thing, \DateTimeImmutable $now): void
    {
        $until = $thing->progress()->restsUntil($this->plans->of($thing), $now);
        $thing->restUntil($until);
        if ($until <= $now) {
            $thing->move(PieceMove::Rested, $now);
        }
    }

    /** @throws Refused */
    public function refuse(Thing $thing, PieceMove $move): void
    {
        if (PieceMove::Rested === $move) {
            if (null !== $thing->restsUntil() && $this->clock->now() < $thing->restsUntil()) {
                throw new Refused('not-yet', 'It has to rest until '.$thing->restsUntil()->format('D j M, H:i').'.');
            }

            return;
        }
        if ($thing->item()->isAppliedHere() !== (PieceMove::Applied === $move)) {
            throw new Refused(
                'illegal-move',
                $thing->item()->isAppliedHere()
                    ? 'This one is applied here, not packed for the customer.'
                    : 'The customer applies this one: pack it.',
            );
        }
        $thing->films()->refuseApart($move);
        if ([] !== array_diff(array_keys($this->plans->of($thing)->handSteps()), $thing->progress()->done)) {
            throw new Refused('not-yet', 'Not all steps are ticked yet.');
        }
    }
}
