<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Log\LogEntry;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Time\Promise;
use Yelbo\Web\View\DesignView;
use Yelbo\Web\View\DocketRow;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\LogLineView;
use Yelbo\Web\View\MoveView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\ProofView;
use Yelbo\Web\View\ThingView;

/** Records as the page is shown them, with what the clock says about them. */
final readonly class Present
{
    private Promise $promise;

    public function __construct(private ClockInterface $clock, private Book $book, ShopRules $rules)
    {
        $this->promise = new Promise($rules->current());
    }

    public function isLate(Docket $docket): bool
    {
        if (null === $docket->neededAt() || \in_array($docket->state(), [DocketState::Done, DocketState::Cancelled], true)) {
            return false;
        }
        foreach ($docket->pieces() as $piece) {
            if ($this->isPieceLate($piece)) {
                return true;
            }
        }

        return [] === $docket->pieces() && $this->promise->isLate($this->clock->now(), $docket->neededAt(), null);
    }

    public function isPieceLate(Piece $piece): bool
    {
        $needed = $piece->docket()->neededAt();
        $station = $piece->state()->station();
        if (null === $needed || null === $station) {
            return false;
        }
        $on = \in_array($station->value, ['apply', 'send'], true);

        return $this->promise->isLate($this->clock->now(), $needed, $piece->restsUntil() ?? ($on ? $this->clock->now() : null));
    }

    public function row(Docket $docket): DocketRow
    {
        return DocketRow::of($docket, $this->isLate($docket));
    }

    public function piece(Piece $piece): PieceView
    {
        return PieceView::of($piece, $this->isPieceLate($piece));
    }

    public function docket(Docket $docket): DocketView
    {
        $typed = Answers::from($docket->answers());
        $taken = DocketState::Asking !== $docket->state();

        return new DocketView(
            $docket->number(),
            $docket->tag(),
            $docket->version(),
            $docket->state()->value,
            $docket->station()?->value,
            $docket->label(),
            $docket->customer()?->name() ?? $typed->customer,
            $docket->customer()?->contact() ?? $typed->contact,
            $docket->words(),
            implode("\n", array_map(static fn (array $lines): string => implode(' | ', $lines), $docket->roster())),
            $taken && null !== $docket->customer() ? ThingView::of($docket->thing()) : null,
            $docket->useOf()->value,
            null === $docket->film() ? null : FilmView::of($docket->film()),
            $docket->quantity(),
            $docket->neededAt()?->format(\DATE_ATOM),
            null === $docket->neededAt() ? null : $this->promise->onBy($docket->neededAt())->format(\DATE_ATOM),
            $this->isLate($docket),
            $docket->isAppliedHere(),
            $docket->note(),
            $typed,
            DesignView::of($docket->design()),
            array_map($this->piece(...), $docket->pieces()),
            array_map(static fn (Proof $proof): ProofView => ProofView::of($proof), $docket->proofs()),
            array_map(static fn (LogEntry $entry): LogLineView => LogLineView::of($entry), $this->book->of($docket)),
            array_map(static fn (DocketMove $move): MoveView => new MoveView($move->value, $move->says()), Journey::docketMoves($docket->state())),
            $this->cautions($docket),
            $docket->price(),
        );
    }

    /** @return list<string> */
    private function cautions(Docket $docket): array
    {
        return [
            ...(null === $docket->film() ? [] : Cautions::of($docket->film()->grade(), $docket->useOf(), $docket->thing()->material())),
            ...$docket->overrulings()->said(),
        ];
    }
}
