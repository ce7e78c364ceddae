<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;

/** From drawing the words to the customer's yes. */
final readonly class SizeOrder
{
    public function __construct(private Drawing $drawing, private Change $change, private Book $book, private ClockInterface $clock)
    {
    }

    /**
     * Keeps a drawing; with `$proof` it is frozen as the next proof at once.
     *
     * @param list<string> $words
     */
    public function draw(Docket $docket, int $version, array $words, Design $design, bool $proof): void
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
        $fitted = $this->drawing->of($docket->thing(), $words, $design);
        if ($proof && !$fitted->inside) {
            throw Refusals::at('capHeight', 'The art reaches beyond the safe area. Make it smaller or move it, then make the proof.');
        }
        $this->change->of($docket, $version, function () use ($docket, $words, $design, $proof, $fitted): void {
            $docket->draw($words, $design);
            if (!$proof) {
                return;
            }
            $box = $fitted->artwork->box();
            $nth = 1 + \count($docket->proofs());
            $docket->freeze(new Proof($docket, $nth, $this->clock->now(), $words, $design->face(), $fitted->capHeight,
                $box->width(), $box->height(), $fitted->at[0], $fitted->at[1], SvgPath::write($fitted->artwork->top())));
            $this->book->note('proof', "Proof $nth made", $docket);
        });
    }

    /** The customer's yes, given in the shop: from here on there are pieces to make. */
    public function approve(Docket $docket, int $version, int $proof, string $by): void
    {
        $this->change->of($docket, $version, function () use ($docket, $proof, $by): void {
            $latest = $docket->latestProof();
            if (null === $latest || $latest->nth() !== $proof) {
                throw new Refused('outdated-proof', "Proof $proof is not the newest any more. Look at the newest one.");
            }
            $pieces = [];
            for ($nth = 1; $nth <= $docket->quantity(); ++$nth) {
                $pieces[] = new Piece($docket, $latest, $nth, $this->clock->now());
            }
            $docket->approve(...$pieces);
            $latest->approve($by, $this->clock->now());
            $this->book->note('approved', "Proof $proof approved in the shop by $by", $docket);
        });
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
