<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Proofs\MakeProof;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Refused;

/** From drawing the words to the customer's yes. */
final readonly class SizeOrder
{
    public function __construct(private EntityManagerInterface $records, private Drawing $drawing, private Inspection $inspection, private MakeProof $makeProof, private Change $change, private Book $book, private ClockInterface $clock)
    {
    }

    /**
     * Keeps a drawing; with `$proof` it is frozen as the next proof at once.
     *
     * @param list<string>       $words
     * @param list<list<string>> $roster the lines of each decal of a set
     */
    public function draw(Docket $docket, int $version, array $words, Design $design, bool $proof, array $roster = [], ?FilmOnShelf $film = null): void
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
        $decals = $this->drawn($docket, $words, $design, $roster);
        if ($proof) {
            $this->refuseStops($docket, $decals, $film);
        }
        $this->change->of($docket, $version, function () use ($docket, $words, $design, $proof, $decals, $roster, $film): void {
            if (null !== $film && $film !== $docket->film()) {
                $this->book->note('film', "Film changed to {$film->name()}", $docket);
            }
            $docket->draw($words, $design, $roster, $film);
            if (!$proof) {
                $this->book->noteOnce('drawn', 'Drawing changed', $docket);

                return;
            }
            $made = $this->makeProof->of($docket, $words, $design, $decals);
            $docket->freeze($made);
            $this->book->note('proof', "Proof {$made->nth()} made", $docket);
        });
    }

    /**
     * @param non-empty-list<array{list<string>, Fitted}> $decals
     *
     * @throws Refusals for a stop that the owner has not let pass
     */
    private function refuseStops(Docket $docket, array $decals, ?FilmOnShelf $film): void
    {
        $film ??= $docket->film() ?? throw new \LogicException('Taken without film.');
        foreach ($this->inspection->stops(array_column($decals, 1), $docket->thing(), $film, $docket->useOf()) as $stop) {
            if (null === $docket->overrulings()->of($stop->code, $stop->found)) {
                throw Refusals::at('outside-safe-area' === $stop->code ? 'capHeight' : 'snags', "No proof yet. {$stop->message} Take a cure, or let the owner pass it with a reason.");
            }
        }
    }

    /** A stop is let pass by the owner, with a reason that stays with the order. */
    public function overrule(Docket $docket, int $version, string $code, int $found, string $reason, string $by): void
    {
        if (mb_strlen(trim($reason)) < 3) {
            throw Refusals::at('reason', 'Why may it pass? A few words that stand on the docket and at the bench.');
        }
        if (!\in_array($docket->state(), [DocketState::Sizing, DocketState::Proofing], true)) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
        $this->change->of($docket, $version, function () use ($docket, $code, $found, $reason, $by): void {
            $docket->overrulings()->add($code, $found, mb_substr(trim($reason), 0, 300), $by, $this->clock->now());
            $this->book->note('overruled', "“{$code}” let pass by $by: ".trim($reason), $docket);
        });
    }

    /** What the customer pays for all of it; the next proof says so. @param int|null $price minor units */
    public function price(Docket $docket, int $version, ?int $price): void
    {
        $this->change->of($docket, $version, function () use ($docket, $price): void {
            $docket->askPrice($price);
            $this->book->note('price', null === $price ? 'Price left open' : 'Price '.number_format($price / 100, 2, '.', ' '), $docket);
        });
    }

    /** The yes is taken back, with a reason; what is drawn next becomes a new proof. */
    public function reopen(Docket $docket, int $version, string $reason): void
    {
        if ('' === trim($reason)) {
            throw Refusals::at('reason', 'Why is it opened again? A few words for the book.');
        }
        $this->change->of($docket, $version, function () use ($docket, $reason): void {
            $docket->reopen($this->clock->now());
            $this->book->note('reopen', 'Opened again after its approval: '.trim($reason), $docket);
        });
    }

    /**
     * @param list<string>       $words
     * @param list<list<string>> $roster
     *
     * @return non-empty-list<array{list<string>, Fitted}>
     */
    private function drawn(Docket $docket, array $words, Design $design, array $roster): array
    {
        if ([] === $roster) {
            return [[$words, $this->drawing->of($docket->thing(), $words, $design)]];
        }
        $decals = array_map(static fn (SetMember $member, array $lines): array => [$lines, $member->fitted], $this->drawing->set($docket->thing(), $roster, $design)->members, $roster);

        return [] === $decals ? throw Refusals::at('roster', 'The roster is empty.') : $decals;
    }

    /** The customer's yes: from here on there are pieces to make. */
    public function approve(Docket $docket, int $version, int $proof, string $by, string $how = 'in the shop'): void
    {
        $this->change->of($docket, $version, function () use ($docket, $proof, $by, $how): void {
            $latest = $docket->latestProof();
            if (null === $latest || $latest->nth() !== $proof) {
                throw new Refused('outdated-proof', "Proof $proof is not the newest any more. Look at the newest one.");
            }
            $docket->approve(...$this->pieces($docket, $latest));
            $latest->approve($by, $this->clock->now());
            $this->book->note('approved', "Proof $proof approved $how by $by", $docket);
        });
    }

    /** @return list<Piece> every layer of every decal, so many times, once for each pane */
    private function pieces(Docket $docket, Proof $proof): array
    {
        $own = $docket->film() ?? throw new \LogicException('Taken without film.');
        $pieces = [];
        $nth = 0;
        for ($member = 0; $member < $proof->members(); ++$member) {
            for ($copy = 0; $copy < $docket->quantity() * $docket->thing()->panes(); ++$copy) {
                ++$nth;
                foreach ($proof->layers($member) as $layer => $part) {
                    $film = null === $part['film'] ? $own : $this->records->find(FilmOnShelf::class, $part['film']) ?? $own;
                    $pieces[] = new Piece($docket, $proof, $nth, $this->clock->now(), $film, $member, $layer);
                }
            }
        }

        return $pieces;
    }

    /** Any other move of the docket: back, changed, cancelled. */
    public function move(Docket $docket, int $version, DocketMove $move, string $reason): void
    {
        if (DocketMove::Reopen === $move) {
            $this->reopen($docket, $version, $reason);

            return;
        }
        if (!\in_array($move, [DocketMove::AskAgain, DocketMove::Change, DocketMove::Cancel], true)) {
            throw new Refused('illegal-move', "“{$move->says()}” is done at its station.");
        }
        if (DocketMove::Cancel === $move && '' === trim($reason)) {
            throw Refusals::at('reason', 'Why is it cancelled? A few words for the book.');
        }
        $this->change->of($docket, $version, function () use ($docket, $move, $reason): void {
            $docket->move($move);
            $this->book->note($move->value, $move->says().('' === trim($reason) ? '' : ": $reason"), $docket);
        });
    }
}
