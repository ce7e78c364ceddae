<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceNotes;
use Yelbo\Shop\Orders\Proof;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Web\View\DocketRow;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\LogLineView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\ProofView;

/** Records as the page is shown them. */
final readonly class RecordViews
{
    public function __construct(
        private Book $book,
        private Lateness $lateness,
        private PieceNotes $notes,
        private Outlines $outlines,
        private ShopRules $rules,
    ) {
    }

    public function row(Docket $docket): DocketRow
    {
        return DocketRow::from($docket, $this->lateness->isDocketLate($docket));
    }

    public function piece(Piece $piece): PieceView
    {
        return PieceView::from($piece, $this->lateness->isPieceLate($piece), $this->notes);
    }

    public function proof(Proof $proof): ProofView
    {
        return ProofView::from($proof, $this->outlines->paths($proof->outlines()));
    }

    public function docket(Docket $docket): DocketView
    {
        return DocketView::from(
            $docket,
            $this->lateness->isDocketLate($docket),
            $this->lateness->onBy($docket),
            array_map($this->piece(...), $docket->pieces()),
            array_map($this->proof(...), $docket->proofs()),
            array_map(LogLineView::from(...), $this->book->ofDocket($docket->number())),
            $docket->cautions($this->rules->current()),
        );
    }
}
