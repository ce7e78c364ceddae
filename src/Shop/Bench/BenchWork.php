<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Progress;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Refused;

/** What is done to a piece by hand: weeded, applied or packed, or spoiled. */
final readonly class BenchWork
{
    private const LONGEST_REASON = 300;
    private const MOVES = [
        PieceMove::Weeded,
        PieceMove::Applied,
        PieceMove::Packed,
        PieceMove::Rested,
        PieceMove::Spoil,
    ];

    public function __construct(
        private PieceWeeding $weeding,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private Materials $materials,
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
     * cut short has a reason, which goes into the book.
     *
     * @param list<string> $done   the steps that are done, by their names in the plan of work
     * @param bool         $alike  the same of all decals of the item that stand alike
     * @param string       $reason why a wait is cut short; empty where none is
     *
     * @throws Refusals|Refused|Conflict
     */
    public function tick(Piece $piece, int $version, array $done, bool $alike = false, string $reason = ''): void
    {
        $this->expect($piece, PieceState::Applying);
        if (mb_strlen($reason) > self::LONGEST_REASON) {
            throw Refusals::at('reason', 'At most '.self::LONGEST_REASON.' letters here.');
        }
        $all = [$piece, ...$alike ? $piece->alike() : []];
        try {
            $progress = array_map(
                fn (Piece $one): Progress => $one->progress()->to(
                    $done,
                    $this->plans->of($one),
                    $this->clock->now(),
                    trim($reason),
                ),
                $all,
            );
        } catch (Refused $refused) {
            throw Refusals::at('reason', $refused->getMessage());
        }
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $progress, $reason): void {
            foreach ($all as $nth => $one) {
                $this->lookedOver($one, $progress[$nth]);
                $one->tick($progress[$nth]);
                if ($progress[$nth]->cutShort) {
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
     * @param non-empty-list<array{Piece, int}> $pieces each with the version it was decided on
     *
     * @throws Refused|Refusals|Conflict
     */
    public function goOn(array $pieces): void
    {
        $now = $this->clock->now();
        $does = [];
        foreach ($pieces as [$piece]) {
            if (PieceState::Curing === $piece->state()) {
                $this->refuse($piece, PieceMove::Rested, '');
                $does[] = fn () => $this->make($piece, PieceMove::Rested, '');
                continue;
            }
            $this->expect($piece, PieceState::Applying);
            $plan = $this->plans->of($piece);
            $left = array_keys(array_diff_key($plan->done(), array_flip($piece->done())));
            try {
                $progress = $piece->progress()->to([...$piece->done(), ...\array_slice($left, 0, 1)], $plan, $now, '');
            } catch (Refused $refused) {
                throw new Refused('not-yet', "{$piece->tag()}: {$refused->getMessage()}");
            }
            $does[] = function () use ($piece, $progress): void {
                $this->lookedOver($piece, $progress);
                $piece->tick($progress);
            };
        }
        $this->change->applyAll($pieces, static function () use ($does): void {
            foreach ($does as $do) {
                $do();
            }
        });
    }

    /**
     * @param non-empty-list<Piece> $all     the one that is on screen first
     * @param int                   $version of that one
     *
     * @return list<array{Piece, int}>
     */
    private static function versions(array $all, int $version): array
    {
        return array_map(
            static fn (Piece $one): array => [$one, $one === $all[0] ? $version : $one->version()],
            $all,
        );
    }

    /**
     * Weeded, applied, packed, rested, or spoiled.
     *
     * @param string $reason why it is spoiled; empty for other moves
     * @param bool   $alike  the same of all decals of the item that stand alike, all of them or none
     *
     * @throws Refusals|Refused|Conflict
     */
    public function move(Piece $piece, int $version, PieceMove $move, string $reason, bool $alike = false): void
    {
        if (!\in_array($move, self::MOVES, true)) {
            throw new Refused(
                'illegal-move',
                "“{$move->label()}” is done ".
                    (PieceMove::Withdraw === $move ? 'with the whole order.' : 'with the whole batch.'),
            );
        }
        $all = [$piece, ...$alike && PieceMove::Spoil !== $move ? $this->alike($piece, $move) : []];
        foreach ($all as $one) {
            $this->refuse($one, $move, $reason);
        }
        $began = $this->times->began($piece);
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $move, $reason, $began): void {
            foreach ($all as $one) {
                $this->outcomes->keep($one, $move, $reason);
                $this->make($one, $move, $reason);
                $this->times->keep($one, $move, $began, \count($all));
            }
        });
    }

    /** @return list<Piece> those that make a move with one; of what rests only what has rested */
    private function alike(Piece $piece, PieceMove $move): array
    {
        return PieceMove::Rested !== $move
            ? $piece->alike()
            : array_values(
                array_filter(
                    $piece->alike(),
                    fn (Piece $other): bool => $other->restsUntil() <= $this->clock->now(),
                ),
            );
    }

    private function make(Piece $piece, PieceMove $move, string $reason): void
    {
        $now = $this->clock->now();
        if (PieceMove::Spoil === $move) {
            $piece->spoil(trim($reason), $now);
        } else {
            $piece->move($move, $now);
        }
        if (\in_array($move, [PieceMove::Applied, PieceMove::Packed], true)) {
            $this->materials->book($piece);
        }
        if (PieceMove::Applied === $move) {
            $this->rest($piece, $now);
        }
        $this->book->note(
            $move->value,
            $this->says($piece, $move, $reason),
            $piece->docket()->number(),
            $piece->nth(),
        );
    }

    /** The last look is signed: who took it and when stands in the book. */
    private function lookedOver(Piece $piece, Progress $progress): void
    {
        if (\in_array(StepKind::LookOver->value, array_diff($progress->done, $piece->done()), true)) {
            $this->book->note(
                'looked-over',
                "{$piece->tag()} looked over",
                $piece->docket()->number(),
                $piece->nth(),
            );
        }
    }

    /** What is on a vehicle or a wall is handed over at once: it rests there. What holds without glue does not rest. */
    private function rest(Piece $piece, \DateTimeImmutable $now): void
    {
        $until = $piece->progress()->restsUntil($this->plans->of($piece), $now);
        $piece->restUntil($until);
        if ($until <= $now) {
            $piece->move(PieceMove::Rested, $now);
        }
    }

    private function refuse(Piece $piece, PieceMove $move, string $reason): void
    {
        if (PieceMove::Spoil === $move && '' === trim($reason)) {
            throw Refusals::at('reason', 'What went wrong? A few words for the book and the next batch.');
        }
        if (mb_strlen($reason) > self::LONGEST_REASON) {
            throw Refusals::at('reason', 'At most '.self::LONGEST_REASON.' letters here.');
        }
        if (PieceMove::Weeded === $move && \count($piece->out()) < \count($this->weeding->weeding($piece)->insides())) {
            throw new Refused('not-yet', 'Not all inside pieces are out yet.');
        }
        if (\in_array($move, [PieceMove::Applied, PieceMove::Packed], true)) {
            if ($piece->item()->isAppliedHere() !== (PieceMove::Applied === $move)) {
                throw new Refused(
                    'illegal-move',
                    $piece->item()->isAppliedHere()
                        ? 'This one is applied here, not packed for the customer.'
                        : 'The customer applies this one: pack it.',
                );
            }
            if ([] !== array_diff(array_keys($this->plans->of($piece)->done()), $piece->done())) {
                throw new Refused('not-yet', 'Not all steps are ticked yet.');
            }
            $piece->refuseApart($move);
        }
        if (
            PieceMove::Rested === $move
            && null !== $piece->restsUntil()
            && $this->clock->now() < $piece->restsUntil()
        ) {
            throw new Refused('not-yet', 'It has to rest until '.$piece->restsUntil()->format('D j M, H:i').'.');
        }
    }

    private function says(Piece $piece, PieceMove $move, string $reason): string
    {
        return $piece->tag().
            ' '.
            match ($move) {
                PieceMove::Spoil => 'spoiled: '.trim($reason),
                PieceMove::Weeded => 'weeded',
                PieceMove::Applied => PieceState::Curing === $piece->state()
                    ? 'applied; rests until '.($piece->restsUntil()?->format('D j M, H:i') ?? 'ready')
                    : 'applied',
                default => lcfirst($move->label()),
            };
    }

    private function expect(Piece $piece, PieceState $state): void
    {
        if ($piece->state() !== $state) {
            throw new Refused(
                'illegal-move',
                "{$piece->tag()} is not there any more: it is ".str_replace('-', ' ', $piece->state()->value).'.',
            );
        }
    }
}
