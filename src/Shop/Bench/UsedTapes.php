<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** A piece of tape serves several times while it is tacky: its uses are counted. Source: handbook section 10. */
final readonly class UsedTapes
{
    private const MOST = 60;

    public function __construct(
        private Pieces $pieces,
        private Materials $materials,
        private ShopRules $rules,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<UsedTape> of the kind a piece takes, large enough, not used up, the smallest first */
    public function for(Piece $piece): array
    {
        $days = (int) $this->rules->current()->value(Rule::TapeKeeps);
        $lifted = array_values(
            array_filter(
                $this->pieces->lifted($this->clock->now()->modify("-$days days"), self::MOST),
                fn (Piece $other): bool => $other !== $piece
                    && $other->drawn()->isOnTop()
                    && $this->covers($other, $piece),
            ),
        );
        $served = [] === $lifted
            ? []
            : $this->pieces->servedAgain(array_map(static fn (Piece $other): int => $other->id(), $lifted));
        $tapes = array_map(
            static fn (Piece $other): UsedTape => new UsedTape($other, 1 + (int) ($served[$other->id()] ?? 0)),
            $lifted,
        );
        $limit = $this->rules->current()->value(Rule::TapeUses);
        $tapes = array_filter(
            $tapes,
            static fn (UsedTape $tape): bool => $tape->uses < $limit || $tape->from->id() === $piece->tapeFrom(),
        );
        $size = fn (UsedTape $tape): int => $this->area($tape->from);
        usort($tapes, static fn (UsedTape $a, UsedTape $b): int => $size($a) <=> $size($b));

        return $tapes;
    }

    /**
     * Lifts a piece with a tape that served before, or with a new one.
     *
     * @param int      $version of the thing it goes on
     * @param int|null $from    the number of the piece it lifted first; none for a new one
     *
     * @throws Refused|Conflict
     */
    public function take(Piece $piece, int $version, ?int $from): void
    {
        if (PieceState::Applying !== $piece->state()) {
            throw new Refused('illegal-move', "{$piece->tag()} is not taped now.");
        }
        $tape = null;
        foreach (null === $from ? [] : $this->for($piece) as $one) {
            $tape = $one->from->id() === $from ? $one : $tape;
        }
        if (null !== $from && null === $tape) {
            throw new Refused('no-tape', 'That piece of tape is too small, of another kind, or used up.');
        }
        $thing = $piece->thing();
        $this->change->apply($thing, $version, function () use ($thing, $piece, $from, $tape): void {
            $piece->liftWith($from);
            $thing->tick($thing->progress());
            if (null !== $tape) {
                $this->book->note(
                    'tape-again',
                    "{$piece->tag()} is lifted with the tape of {$tape->from->tag()}, use ".($tape->uses + 1),
                    $piece->docket()->number(),
                    $piece->nth(),
                );
            }
        });
    }

    private function covers(Piece $other, Piece $piece): bool
    {
        $rules = $this->rules->current();
        $has = Taping::cover($other->drawn()->joinedSize(), $other->item()->useOf(), $rules);
        $needs = Taping::cover($piece->drawn()->joinedSize(), $piece->item()->useOf(), $rules);

        return $this->materials->tape($other)->kind === $this->materials->tape($piece)->kind
            && (
                ($has->width() >= $needs->width() && $has->height() >= $needs->height())
                || ($has->height() >= $needs->width() && $has->width() >= $needs->height())
            );
    }

    private function area(Piece $piece): int
    {
        $size = $piece->drawn()->joinedSize();

        return $size->width->micrometres * $size->height->micrometres;
    }
}
