<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Reason;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Plan\StepKind;

/** What is spoiled is cut again: a piece by itself, or with all it was joined with. */
final readonly class Spoiling
{
    public function __construct(
        private WorkPlans $plans,
        private Outcomes $outcomes,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * A piece is cut again, with what it is joined to where they are one by now; the rest of its thing waits for it at
     * the bench.
     *
     * @param int $version of the piece
     *
     * @throws Refusals|Conflict
     */
    public function piece(Piece $piece, int $version, string $reason): void
    {
        Reason::refuseNone($reason);
        $this->change->apply($piece, $version, fn () => $this->cutAgain($piece->thing(), [$piece], trim($reason)));
    }

    /**
     * Some films of a thing are cut again, or all.
     *
     * @param list<Piece> $pieces all of them where none is named
     *
     * @throws Refusals|Conflict
     */
    public function thing(Thing $thing, int $version, array $pieces, string $reason): void
    {
        Reason::refuseNone($reason);
        $this->change->apply(
            $thing,
            $version,
            fn () => $this->cutAgain($thing, $pieces ?: $thing->films()->cut(), trim($reason)),
        );
    }

    /** @param list<Piece> $pieces */
    private function cutAgain(Thing $thing, array $pieces, string $reason): void
    {
        $plan = $this->plans->of($thing);
        $joined = array_map(
            static fn (StepKind $kind): string => $kind->value,
            [StepKind::JoinLayer, StepKind::SetDown, StepKind::RubDown],
        );
        $spoiled = $names = [];
        foreach ($pieces as $piece) {
            $top = $piece->joined()[0];
            $with = $thing->films()->nameOf($top);
            $names[] = $thing->films()->nameOf($piece);
            $names[] = $with;
            $isOne = [] !== array_intersect(
                array_map(static fn (string $kind): string => $kind.('' === $with ? '' : "/$with"), $joined),
                $thing->progress()->done,
            );
            foreach ($isOne ? $piece->joined() : [$piece] as $one) {
                $spoiled[$one->id()] = $one;
                $names[] = $thing->films()->nameOf($one);
            }
        }
        foreach ($spoiled as $piece) {
            $this->outcomes->keep($piece, PieceMove::Spoil, $reason);
            $this->book->note(
                'spoil',
                "{$piece->tag()} spoiled: $reason",
                $piece->docket()->number(),
                $piece->nth(),
            );
        }
        $thing->spoil(
            array_values($spoiled),
            $reason,
            $thing->progress()->without($names, $plan),
            $this->clock->now(),
        );
    }

    /** @throws Refusals */
}
