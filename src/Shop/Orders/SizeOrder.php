<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Refused;

/** From drawing the words to the customer's yes. */
final readonly class SizeOrder
{
    public function __construct(private EntityManagerInterface $records, private Drawing $drawing, private Change $change, private Book $book, private ClockInterface $clock)
    {
    }

    /**
     * Keeps a drawing; with `$proof` it is frozen as the next proof at once.
     *
     * @param list<string>       $words
     * @param list<list<string>> $roster the lines of each decal of a set
     */
    public function draw(Docket $docket, int $version, array $words, Design $design, bool $proof, array $roster = []): void
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
        $decals = $this->drawn($docket, $words, $design, $roster);
        foreach ($decals as [, $fitted]) {
            if ($proof && !$fitted->inside) {
                throw Refusals::at('capHeight', 'The art reaches beyond the safe area. Make it smaller or move it, then make the proof.');
            }
        }
        $this->change->of($docket, $version, function () use ($docket, $words, $design, $proof, $decals, $roster): void {
            $docket->draw($words, $design, $roster);
            if (!$proof) {
                return;
            }
            $nth = 1 + \count($docket->proofs());
            $parts = array_map(static fn (array $decal): array => self::part($decal[0], $decal[1], $design), $decals);
            $docket->freeze(new Proof($docket, $nth, $this->clock->now(), $words, $design->face(), $decals[0][1]->capHeight,
                $parts[0]['width'], $parts[0]['height'], $parts[0]['left'], $parts[0]['top'], $parts[0]['layers'][0]['path'], $parts));
            $this->book->note('proof', "Proof $nth made", $docket);
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

    /**
     * @param list<string> $lines
     *
     * @return array{lines: list<string>, width: int, height: int, left: int, top: int, layers: list<array{role: string, film: int|null, path: string}>}
     */
    private static function part(array $lines, Fitted $fitted, Design $design): array
    {
        $box = $fitted->artwork->box();

        return [
            'lines' => $lines, 'width' => $box->width(), 'height' => $box->height(), 'left' => $fitted->at[0], 'top' => $fitted->at[1],
            'layers' => array_map(static fn (Layer $layer, int $nth): array => [
                'role' => $layer->role, 'film' => 0 === $nth ? null : ($design->layers()[$nth - 1]['film'] ?? null), 'path' => SvgPath::write($layer->region),
            ], $fitted->artwork->layers, array_keys($fitted->artwork->layers)),
        ];
    }

    /** The customer's yes, given in the shop: from here on there are pieces to make. */
    public function approve(Docket $docket, int $version, int $proof, string $by): void
    {
        $this->change->of($docket, $version, function () use ($docket, $proof, $by): void {
            $latest = $docket->latestProof();
            if (null === $latest || $latest->nth() !== $proof) {
                throw new Refused('outdated-proof', "Proof $proof is not the newest any more. Look at the newest one.");
            }
            $docket->approve(...$this->pieces($docket, $latest));
            $latest->approve($by, $this->clock->now());
            $this->book->note('approved', "Proof $proof approved in the shop by $by", $docket);
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
