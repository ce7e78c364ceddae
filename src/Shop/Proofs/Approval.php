<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\OrderSize;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Proof;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Refused;

/** The customer's yes to a proof, given in the shop or by a link, and taken back while nothing is cut. */
final readonly class Approval
{
    public const IN_THE_SHOP = 'in the shop';
    public const BY_LINK = 'by link';
    private const LONGEST_NAME = 80;

    public function __construct(
        private EntityManagerInterface $records,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private OrderSize $size,
    ) {
    }

    /**
     * The yes: from here on there are pieces to make.
     *
     * @param int    $proof which of the docket's proofs; only the newest can be approved
     * @param string $by    who says it
     * @param string $how   IN_THE_SHOP or BY_LINK
     *
     * @throws Refusals|Refused|Conflict
     */
    public function approve(Docket $docket, int $version, int $proof, string $by, string $how = self::IN_THE_SHOP): void
    {
        $by = mb_substr(trim($by), 0, self::LONGEST_NAME);
        if ('' === $by) {
            throw Refusals::at('by', 'Who says yes? Write the name.');
        }
        $this->change->apply($docket, $version, function () use ($docket, $proof, $by, $how): void {
            $latest = $docket->latestProof();
            if (null === $latest || $latest->nth() !== $proof) {
                throw new Refused('outdated-proof', "Proof $proof is not the newest any more. Look at the newest one.");
            }
            $copies = $docket->quantity() * $docket->object()->panes();
            $this->size->refuseTooMany($latest->members() * $copies, \count($latest->layers()), 'by');
            $docket->approve(...$this->pieces($docket, $latest));
            $latest->approve($by, $this->clock->now());
            $this->book->note('approved', "Proof $proof approved $how by $by", $docket->number());
        });
    }

    /**
     * The yes is taken back, with a reason; what is drawn next becomes a new proof.
     *
     * @throws Refusals|Refused|Conflict
     */
    public function reopen(Docket $docket, int $version, string $reason): void
    {
        if ('' === trim($reason)) {
            throw Refusals::at('reason', 'Why is it opened again? A few words for the book.');
        }
        $this->change->apply($docket, $version, function () use ($docket, $reason): void {
            $docket->reopen($this->clock->now());
            $this->book->note('reopen', 'Opened again after its approval: '.trim($reason), $docket->number());
        });
    }

    /** @return list<Piece> every layer of every decal, so many times, once for each pane */
    private function pieces(Docket $docket, Proof $proof): array
    {
        $own = $docket->film() ?? throw new \LogicException('Taken without film.');
        $pieces = [];
        $nth = 0;
        for ($member = 0; $member < $proof->members(); ++$member) {
            for ($copy = 0; $copy < $docket->quantity() * $docket->object()->panes(); ++$copy) {
                ++$nth;
                foreach ($proof->layers($member) as $layer => $part) {
                    $film =
                        null === $part['film'] ? $own : $this->records->find(FilmOnShelf::class, $part['film']) ?? $own;
                    $pieces[] = new Piece($docket, $proof, $nth, $this->clock->now(), $film, $member, $layer);
                }
            }
        }

        return $pieces;
    }
}
