<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Reason;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Progress;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Refused;

/** What is done by hand: pieces are weeded, things applied or packed; what is spoiled is cut again. */
final readonly class BenchWork
{
    /** What is done with a piece by itself. */
    public const OF_A_PIECE = [PieceMove::Weeded, PieceMove::Spoil];
    /** What is done with a thing as one. */
    public const OF_A_THING = [PieceMove::Applied, PieceMove::Packed, PieceMove::Rested];

    public function __construct(
        private PieceWeeding $weeding,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ThingMoves $moves,
        private WorkPlans $plans,
        private Timekeeper $times,
        private Outcomes $outcomes,
    ) {
    }

    /**
     * Counts inside pieces out.
     *
     * @param list<int> $out the inside pieces that are out, by their numbers
     *
     * @throws Refused|Conflict
     */
    public function countOut(Piece $piece, int $version, array $out): void
    {
        $this->expect($piece, PieceState::Weeding);
        $known = array_keys($this->weeding->weeding($piece)->insides());
        $this->change->apply(
            $piece,
            $version,
            static fn () => $piece->countOut(array_values(array_intersect($known, $out))),
        );
    }

    /**
     * Ticks steps off, in order: those before one that is done are done too. What dries is waited for; a wait that is
     * cut short has a reason, which goes into the book. A film is readied as soon as it is weeded; none goes on before
     * all are.
     *
     * @param list<string> $done   the steps that are done, by their names in the plan of work
     * @param bool         $alike  the same of all things of the item that stand alike
     * @param string       $reason why a wait is cut short; empty where none is
     *
     * @throws Refusals|Refused|Conflict
     */
    public function tick(Thing $thing, int $version, array $done, bool $alike = false, string $reason = ''): void
    {
        Reason::refuseLong($reason);
        $all = [$thing, ...$alike ? $thing->alike() : []];
        $steps = array_map(
            fn (Thing $one): Progress => $this->next($one, $done, trim($reason)),
            $all,
        );
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $steps, $reason): void {
            foreach ($all as $nth => $one) {
                $this->keep($one, $steps[$nth]);
                if ($steps[$nth]->cutShort) {
                    $this->book->note(
                        'wait-cut-short',
                        "{$one->tag()}: a wait was cut short: ".trim($reason),
                        $one->docket()->number(),
                        $one->nth(),
                    );
                }
            }
        });
    }

    /**
     * Goes on with what is dry, several in one go: the next coat of what is coated, the hand-over of what has rested.
     * All of them or none.
     *
     * @param non-empty-list<array{Thing, int}> $things each with the version it was decided on
     *
     * @throws Refused|Refusals|Conflict
     */
    public function goOn(array $things): void
    {
        $does = [];
        foreach ($things as [$thing]) {
            if (PieceState::Curing === $thing->state()) {
                $this->moves->refuse($thing, PieceMove::Rested);
                $does[] = fn () => $this->moves->make($thing, PieceMove::Rested);
                continue;
            }
            $left = array_keys(
                array_diff_key($this->plans->of($thing)->handSteps(), array_flip($thing->progress()->done)),
            );
            try {
                $progress = $this->next($thing, [...$thing->progress()->done, ...\array_slice($left, 0, 1)], '');
            } catch (Refusals $refused) {
                throw new Refused('not-yet', "{$thing->tag()}: ".implode(' ', $refused->fields));
            }
            $does[] = fn () => $this->keep($thing, $progress);
        }
        $this->change->applyAll($things, static function () use ($does): void {
            foreach ($does as $do) {
                $do();
            }
        });
    }

    /**
     * A piece is weeded.
     *
     * @param bool $alike the same of all pieces of the item that stand alike, the same layer of each: all or none
     *
     * @throws Refused|Conflict
     */
    public function weeded(Piece $piece, int $version, bool $alike = false): void
    {
        $all = [$piece, ...$alike ? $piece->alike() : []];
        foreach ($all as $one) {
            if (\count($one->out()) < \count($this->weeding->weeding($one)->insides())) {
                throw new Refused('not-yet', 'Not all inside pieces are out yet.');
            }
        }
        $began = $this->times->began($piece->since());
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $began): void {
            foreach ($all as $one) {
                $this->outcomes->keep($one, PieceMove::Weeded, '');
                $one->move(PieceMove::Weeded, $this->clock->now());
                $this->times->keep($one, PieceMove::Weeded, $began, \count($all));
                $this->book->note('weeded', "{$one->tag()} weeded", $one->docket()->number(), $one->nth());
            }
        });
    }

    /**
     * Applied, packed, or rested.
     *
     * @param bool $alike the same of all things of the item that stand alike, all of them or none
     *
     * @throws Refused|Conflict
     */
    public function move(Thing $thing, int $version, PieceMove $move, bool $alike = false): void
    {
        if (!\in_array($move, self::OF_A_THING, true)) {
            throw new Refused(
                'illegal-move',
                "“{$move->label()}” is done ".
                    match (true) {
                        \in_array($move, self::OF_A_PIECE, true) => 'with one piece.',
                        PieceMove::Withdraw === $move => 'with the whole order.',
                        default => 'with the whole batch.',
                    },
            );
        }
        $all = [$thing, ...$alike ? $this->moves->alike($thing, $move) : []];
        foreach ($all as $one) {
            $this->moves->refuse($one, $move);
        }
        $began = $this->times->began($thing->since());
        $tops = array_sum(array_map(static fn (Thing $one): int => \count($one->films()->tops()), $all));
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $move, $began, $tops): void {
            foreach ($all as $one) {
                $this->moves->make($one, $move);
                foreach ($one->films()->tops() as $top) {
                    $this->times->keep($top, $move, $began, $tops);
                }
            }
        });
    }

    /**
     * @param list<string> $done
     *
     * @throws Refusals|Refused
     */
    private function next(Thing $thing, array $done, string $reason): Progress
    {
        if (!\in_array(PieceState::Applying, $thing->states(), true)) {
            throw $this->gone($thing->tag(), $thing->state());
        }
        $plan = $this->plans->of($thing);
        try {
            $next = $thing->progress()->to($done, $plan, $this->clock->now(), $reason);
        } catch (Refused $refused) {
            throw Refusals::at('reason', $refused->getMessage());
        }
        foreach ($thing->films()->missingFor(
            $plan,
            array_values(array_diff($next->done, $thing->progress()->done)),
        ) as $piece) {
            throw new Refused(
                'not-yet',
                "{$piece->tag()} is not that far: it is {$piece->state()->inWords()}. Nothing goes on before all of "
                    .'it is weeded.',
            );
        }

        return $next;
    }

    /** The last look is signed: who took it and when stands in the book. */
    private function keep(Thing $thing, Progress $progress): void
    {
        if (\in_array(StepKind::LookOver->value, array_diff($progress->done, $thing->progress()->done), true)) {
            $this->book->note(
                'looked-over',
                "{$thing->tag()} looked over",
                $thing->docket()->number(),
                $thing->nth(),
            );
        }
        $thing->tick($progress);
    }

    /**
     * @template T of Piece|Thing
     *
     * @param non-empty-list<T> $all     the one that is on screen first
     * @param int               $version of that one
     *
     * @return list<array{T, int}>
     */
    private static function versions(array $all, int $version): array
    {
        return array_map(
            static fn (Piece|Thing $one): array => [$one, $one === $all[0] ? $version : $one->version()],
            $all,
        );
    }

    /** @throws Refused */
    private function expect(Piece $piece, PieceState $state): void
    {
        if ($piece->state() !== $state) {
            throw $this->gone($piece->tag(), $piece->state());
        }
    }

    private function gone(string $tag, PieceState $state): Refused
    {
        return new Refused('illegal-move', "$tag is not there any more: it is {$state->inWords()}.");
    }
}
