<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Finishing;
use Yelbo\Shop\Orders\OrderSize;
use Yelbo\Shop\Orders\PapersFollow;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Refused;

/** The customer's yes to a proof, given in the shop or by a link, and taken back while nothing is cut. */
final readonly class Approval
{
    private const LONGEST_NAME = 80;

    public function __construct(
        private EntityManagerInterface $records,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private OrderSize $size,
        private OpenWishes $wishes,
        private PapersFollow $papers,
        private Finishing $finishing,
    ) {
    }

    /**
     * The yes: from here on there are pieces to make.
     *
     * @param int    $proof which of the docket's proofs; only the newest can be approved
     * @param string $by    who says it
     * @param bool   $asItIs whether it is meant without what is wished for still
     *
     * @throws Refusals|Refused|Conflict
     */
    public function approve(
        Docket $docket,
        int $version,
        int $proof,
        string $by,
        Assent $how = Assent::InTheShop,
        bool $asItIs = false,
    ): void {
        $this->agree($docket, $version, $proof, $by, $how, $asItIs);
        $this->papers->follow($docket);
    }

    /**
     * The yes alone, for who says it inside a transaction of their own: what was charged follows behind that, by
     * `PapersFollow`, since numbers are given under a lock that is let go before it would be committed.
     *
     * @throws Refusals|Refused|Conflict
     */
    public function agree(Docket $docket, int $version, int $proof, string $by, Assent $how, bool $asItIs): void
    {
        $by = mb_substr(trim($by), 0, self::LONGEST_NAME);
        if ('' === $by) {
            throw Refusals::at('by', 'Who says yes? Write the name.');
        }
        if (!$asItIs) {
            $this->wishes->ask($docket);
        }
        $this->change->apply($docket, $version, function () use ($docket, $proof, $by, $how): void {
            $latest = $docket->proofs()->newest();
            if ([] === $latest || $latest[0]->nth() !== $proof) {
                throw new Refused('outdated-proof', "Proof $proof is not the newest any more. Look at the newest one.");
            }
            $without = OpenWishes::said($this->wishes->of($docket));
            $pieces = $this->pieces($docket, $latest);
            $this->size->refuseTooMany(\count($docket->pieces()) + \count($pieces), 1, 'by');
            $docket->approve(...$pieces);
            foreach ($latest as $page) {
                if (null === $page->approvedAt()) {
                    $page->approve($by, $this->clock->now());
                }
            }
            $this->book->note(
                'approved',
                "Proof $proof approved {$how->inWords()} by $by".('' === $without ? '' : ', as it is, without '
                    ."$without"),
                $docket->number(),
            );
            $this->finishing->endIfDelivered($docket);
        });
    }

    /**
     * The yes is taken back, with a reason; what is drawn next becomes a new proof.
     *
     * @param list<int> $items the numbers of the things it is taken back for; all of them where none is named
     *
     * @throws Refusals|Refused|Conflict
     */
    public function reopen(Docket $docket, int $version, string $reason, array $items = []): void
    {
        if ('' === trim($reason)) {
            throw Refusals::at('reason', 'Why is it opened again? A few words for the book.');
        }
        $opened = [] === $items ? $docket->items() : array_map($docket->item(...), $items);
        $this->change->apply($docket, $version, function () use ($docket, $opened, $reason): void {
            $docket->reopen($opened, $this->clock->now());
            $this->book->note('reopen', 'Opened again after its approval: '.trim($reason), $docket->number());
        });
    }

    /**
     * Every layer of every decal of what is not being made yet, so many times, once for each pane.
     *
     * @param list<ProofPage> $pages
     *
     * @return list<Piece>
     */
    private function pieces(Docket $docket, array $pages): array
    {
        $taken = array_fill_keys(array_map(static fn (Piece $piece): int => $piece->nth(), $docket->pieces()), true);
        $pieces = [];
        $nth = 0;
        foreach ($pages as $page) {
            $item = $page->item();
            if ($docket->isBeingMade($item)) {
                continue;
            }
            for ($member = 0; $member < $page->drawing()->members(); ++$member) {
                $thing = null;
                for ($copy = 0; $copy < $item->copies(); ++$copy) {
                    do {
                        ++$nth;
                    } while (isset($taken[$nth]));
                    // Panes of one object carry a decal each and are one thing.
                    $thing = null === $thing || 0 === $copy % $item->object()->panes()
                        ? new Thing($docket, $item, $nth)
                        : $thing;
                    foreach ($page->drawing()->layers($member) as $layer => $part) {
                        $film = null === $part['film']
                            ? $item->ownFilm()
                            : $this->records->find(FilmOnShelf::class, $part['film']) ?? $item->ownFilm();
                        $now = $this->clock->now();
                        $pieces[] = new Piece($docket, $thing, $page, $nth, $now, $film, $member, $layer);
                    }
                }
            }
        }

        return $pieces;
    }
}
