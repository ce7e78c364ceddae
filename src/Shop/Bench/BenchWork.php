<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Batches\CutParts;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Bench\Steps;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Time\Paint;
use Yelbo\Trade\Time\Promise;

/** What is done to a piece by hand: weeded, applied or packed, or spoiled. */
final readonly class BenchWork
{
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
        private ShopRules $rules,
        private Materials $materials,
        private CutParts $parts,
    ) {
    }

    /**
     * What is to be done with a weeded piece, with its own figures.
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function steps(Piece $piece): array
    {
        $steps = new Steps($this->rules->current(), $this->materials->tape($piece), $piece->item()->useOf());
        $together = $steps->together($this->parts->of($piece));
        $joined = $piece->joined();
        if (!$piece->isOnTop()) {
            return [...$together, ...$steps->underneath($piece->cutSize(), $joined[0]->tag())];
        }
        $under = array_map(static fn (Piece $other): string => $other->tag(), \array_slice($joined, 1));

        return [
            ...$together,
            ...$steps->layered($under),
            ...$piece->item()->isAppliedHere()
                ? $steps->onTheObject(
                    $piece->joinedSize(),
                    $piece->item()->object()->size(),
                    $piece->joinedLeft(),
                    $piece->joinedTop(),
                    $this->isOnYoungPaint($piece),
                )
                : $steps->forTheCustomer($piece->joinedSize(), $this->care($piece)),
        ];
    }

    private function isOnYoungPaint(Piece $piece): bool
    {
        $day = $piece->item()->object()->paintedOn();

        return null !== $day && (new Paint($day, $this->rules->current()))->isYoung($this->clock->now());
    }

    /** @return list<string> what the care card of a decal says that the customer applies */
    private function care(Piece $piece): array
    {
        $item = $piece->item();
        $rules = $this->rules->current();

        return (new Packing($rules))->care(
            $piece->film()->life($rules),
            false,
            $piece->film()->grade(),
            $item->useOf(),
            $item->object()->isDrunkFrom(),
        );
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
     * Ticks steps off.
     *
     * @param list<int> $done  the steps that are done, by their numbers
     * @param bool      $alike the same of all decals of the item that stand alike
     *
     * @throws Refused|Conflict
     */
    public function tick(Piece $piece, int $version, array $done, bool $alike = false): void
    {
        $this->expect($piece, PieceState::Applying);
        $known = array_keys($this->steps($piece));
        $all = [$piece, ...$alike ? $piece->alike() : []];
        $this->change->applyAll(self::versions($all, $version), static function () use ($all, $known, $done): void {
            foreach ($all as $one) {
                $one->tick(array_values(array_intersect($known, $done)));
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
        $this->change->applyAll(self::versions($all, $version), function () use ($all, $move, $reason): void {
            foreach ($all as $one) {
                $this->make($one, $move, $reason);
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
            $piece->restUntil((new Promise($this->rules->current()))->restedAt($now));
        }
        $this->book->note(
            $move->value,
            $this->says($piece, $move, $reason),
            $piece->docket()->number(),
            $piece->nth(),
        );
    }

    private function refuse(Piece $piece, PieceMove $move, string $reason): void
    {
        if (PieceMove::Spoil === $move && '' === trim($reason)) {
            throw Refusals::at('reason', 'What went wrong? A few words for the book and the next batch.');
        }
        if (mb_strlen($reason) > 300) {
            throw Refusals::at('reason', 'At most 300 letters here.');
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
            if (\count($piece->done()) < \count($this->steps($piece))) {
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
                PieceMove::Applied => 'applied; rests until '.
                    ($piece->restsUntil()?->format('D j M, H:i') ?? 'ready'),
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
