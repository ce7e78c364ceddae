<?php

declare(strict_types=1);

namespace Yelbo\Shop\Pieces;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Bench\Steps;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Time\Promise;

/** What is done to a piece by hand: weeded, applied or packed, sent, or spoiled. */
final readonly class Bench
{
    public function __construct(
        private EntityManagerInterface $records,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
        private Memory $memory,
    ) {
    }

    /** @throws NotFound */
    public function piece(int $id): Piece
    {
        return $this->records->find(Piece::class, $id) ?? throw new NotFound('There is no such piece.');
    }

    /** @return list<Piece> the longest waiting first */
    public function at(PieceState ...$states): array
    {
        /** @var list<Piece> $pieces */
        $pieces = $this->records->createQuery(
            'SELECT p, d, c FROM '.Piece::class.' p JOIN p.docket d LEFT JOIN d.customer c WHERE p.state IN (:states) ORDER BY d.neededAt ASC, d.number ASC, p.nth ASC',
        )->setParameter('states', $states)->getResult();

        return $pieces;
    }

    public function weeding(Piece $piece): Weeding
    {
        $film = $piece->film()->grade();
        $rules = $this->rules->current();

        return $this->memory->recall(
            'weeding.'.hash('xxh128', serialize([$piece->proof()->layers($piece->member())[$piece->layer()]['path'], $film, $rules])),
            static fn (): Weeding => new Weeding($piece->region(), $film, $rules),
        );
    }

    /** @return list<array{title: string, how: string, caution: string|null}> */
    public function steps(Piece $piece): array
    {
        $steps = new Steps($this->rules->current());
        $under = array_map(static fn (Piece $other): string => $other->tag(), array_values(array_filter($piece->docket()->pieces(), static fn (Piece $other): bool => $other->nth() === $piece->nth() && $other->layer() > $piece->layer())));
        if ($piece->layer() > 0) {
            return $steps->underneath($piece->size(), \sprintf('%s/%d', $piece->docket()->tag(), $piece->nth()));
        }

        return [...$steps->layered($under), ...($piece->docket()->isAppliedHere()
            ? $steps->onTheObject($piece->size(), $piece->docket()->thing()->size(), $piece->left(), $piece->top())
            : $steps->forTheCustomer($piece->size(), $piece->film()->life()))];
    }

    /** @return list<string> what goes into the parcel */
    public function contents(Piece $piece): array
    {
        $docket = $piece->docket();

        return (new Packing($this->rules->current()))->contents($docket->thing()->name(), $docket->isAppliedHere());
    }

    /** @return list<string> what the care card says */
    public function care(Piece $piece): array
    {
        $docket = $piece->docket();

        return (new Packing($this->rules->current()))->care($docket->film()?->life() ?? Film::Permanent->life(), $docket->isAppliedHere());
    }

    /** @param list<int> $out the inside pieces that are out */
    public function countOut(Piece $piece, int $version, array $out): void
    {
        $this->expect($piece, PieceState::Weeding);
        $known = array_keys($this->weeding($piece)->insides());
        $this->change->of($piece, $version, static fn () => $piece->countOut(array_values(array_intersect($known, $out))));
    }

    /** @param list<int> $done */
    public function tick(Piece $piece, int $version, array $done): void
    {
        $this->expect($piece, PieceState::Applying);
        $known = array_keys($this->steps($piece));
        $this->change->of($piece, $version, static fn () => $piece->tick(array_values(array_intersect($known, $done))));
    }

    /** @param string $detail a reason, a tracking number, whatever the move is told */
    public function move(Piece $piece, int $version, PieceMove $move, string $detail): void
    {
        $this->refuse($piece, $move, $detail);
        $this->change->of($piece, $version, function () use ($piece, $move, $detail): void {
            $now = $this->clock->now();
            if (PieceMove::Spoil === $move) {
                $piece->spoil(trim($detail), $now);
            } else {
                $piece->move($move, $now);
            }
            if (PieceMove::Applied === $move) {
                $piece->restUntil((new Promise($this->rules->current()))->restedAt($now));
            }
            if (PieceMove::Post === $move) {
                $piece->trackBy('' === trim($detail) ? null : trim($detail));
            }
            $this->book->note($move->value, $this->says($piece, $move, $detail), null, $piece);
            $this->finish($piece);
        });
    }

    private function refuse(Piece $piece, PieceMove $move, string $detail): void
    {
        if (\in_array($move, [PieceMove::Batch, PieceMove::Unbatch, PieceMove::StartCut, PieceMove::CutDone, PieceMove::CutStopped], true)) {
            throw new Refused('illegal-move', "“{$move->says()}” is done with the whole batch.");
        }
        if (PieceMove::Spoil === $move && '' === trim($detail)) {
            throw Refusals::at('reason', 'What went wrong? A few words for the book and the next batch.');
        }
        if (mb_strlen($detail) > 300) {
            throw Refusals::at('reason', 'At most 300 letters here.');
        }
        if (PieceMove::Weeded === $move && \count($piece->out()) < \count($this->weeding($piece)->insides())) {
            throw new Refused('not-yet', 'Not all inside pieces are out yet.');
        }
        if (\in_array($move, [PieceMove::Applied, PieceMove::Packed], true)) {
            if ($piece->docket()->isAppliedHere() !== (PieceMove::Applied === $move)) {
                throw new Refused('illegal-move', $piece->docket()->isAppliedHere() ? 'This one is applied here, not packed for the customer.' : 'The customer applies this one: pack it.');
            }
            if (\count($piece->done()) < \count($this->steps($piece))) {
                throw new Refused('not-yet', 'Not all steps are ticked yet.');
            }
        }
        if (PieceMove::Rested === $move && null !== $piece->restsUntil() && $this->clock->now() < $piece->restsUntil()) {
            throw new Refused('not-yet', 'It has to rest until '.$piece->restsUntil()->format('D j M, H:i').'.');
        }
    }

    private function says(Piece $piece, PieceMove $move, string $detail): string
    {
        return $piece->tag().' '.match ($move) {
            PieceMove::Spoil => 'spoiled: '.trim($detail),
            PieceMove::Post => 'posted'.('' === trim($detail) ? '' : ', '.trim($detail)),
            PieceMove::Weeded => 'weeded',
            PieceMove::Applied => 'applied; rests until '.($piece->restsUntil()?->format('D j M, H:i') ?? 'ready'),
            default => lcfirst($move->says()),
        };
    }

    private function finish(Piece $piece): void
    {
        foreach ($piece->docket()->pieces() as $other) {
            if (PieceState::Delivered !== $other->state()) {
                return;
            }
        }
        $piece->docket()->move(DocketMove::Finish);
        $this->book->note('finish', 'All delivered', $piece->docket());
    }

    private function expect(Piece $piece, PieceState $state): void
    {
        if ($piece->state() !== $state) {
            throw new Refused('illegal-move', "{$piece->tag()} is not there any more: it is ".str_replace('-', ' ', $piece->state()->value).'.');
        }
    }
}
