<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Bench\DueSteps;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Shop\Orders\OrderCautions;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceNotes;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Orders\WaitingFilm;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Week\CutProposal;
use Yelbo\Web\View\CutProposalView;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\DueView;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\LogLineView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\ProofView;
use Yelbo\Web\View\ThingView;
use Yelbo\Web\View\UsedTapeView;
use Yelbo\Web\View\VersionView;
use Yelbo\Web\View\WaitingFilmView;

/** Records as the page is shown them. */
final readonly class RecordViews
{
    /** Pieces shown with a docket. */
    private const MOST_PIECES = 200;

    public function __construct(
        private Book $book,
        private Lateness $lateness,
        private PieceNotes $notes,
        private Outlines $outlines,
        private ShopRules $rules,
        private Shelf $shelf,
        private DueSteps $due,
    ) {
    }

    public function waiting(WaitingFilm $waiting, ?CutProposal $proposal): WaitingFilmView
    {
        return new WaitingFilmView(
            FilmView::from($this->shelf->film($waiting->film)),
            $waiting->pieces,
            $waiting->late,
            $waiting->recut,
            $waiting->needed?->format(\DATE_ATOM),
            null === $proposal ? null : CutProposalView::from($proposal),
        );
    }

    public function piece(Piece $piece): PieceView
    {
        return PieceView::from($piece, $this->lateness->isPieceLate($piece), $this->notes);
    }

    /** @param (\Closure(Piece): list<UsedTapeView>)|null $tapes that can lift a film again; told at the bench */
    public function thing(Thing $thing, ?\Closure $tapes = null): ThingView
    {
        return ThingView::from(
            $thing,
            // The film furthest behind makes it late.
            [] !== array_filter($thing->pieces(), $this->lateness->isPieceLate(...)),
            $this->notes,
            $tapes ?? static fn (Piece $piece): array => [],
        );
    }

    public function proof(ProofPage $proof): ProofView
    {
        return ProofView::from($proof, $this->outlines->paths($proof->drawing()->outlines()));
    }

    /** @param list<ProofPage> $pages of one version, at least one */
    public function version(array $pages): VersionView
    {
        return [] === $pages
            ? throw new \LogicException('A proof has a page.')
            : VersionView::from($pages, array_map($this->proof(...), $pages));
    }

    public function docket(Docket $docket): DocketView
    {
        $due = $this->due->of($docket);

        return DocketView::from(
            $docket,
            $this->lateness->isDocketLate($docket),
            $this->lateness->onBy($docket),
            array_map($this->piece(...), \array_slice($docket->pieces(), 0, self::MOST_PIECES)),
            array_map(
                fn (Thing $thing): ThingView => $this->thing($thing),
                \array_slice($docket->things(), 0, self::MOST_PIECES),
            ),
            null === $due ? null : DueView::from($due),
            \count($docket->pieces()),
            array_map($this->version(...), $docket->proofs()->all()),
            array_map(LogLineView::from(...), $this->book->ofDocket($docket->number())),
            (new OrderCautions($this->rules->current()))->ofOrder($docket),
        );
    }
}
