<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\CutParts;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Level;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;
use Yelbo\Web\Address;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\GuidePaper;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\CountRequest;
use Yelbo\Web\Request\LevelRequest;
use Yelbo\Web\Request\MoveRequest;
use Yelbo\Web\View\LevelView;
use Yelbo\Web\View\PiecesView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\WeedingView;

/** Pieces of film: cut, weeded, and what each is placed by. */
final readonly class PieceController
{
    private const MOST = 60;

    public function __construct(
        private Pieces $pieces,
        private PieceWeeding $weeding,
        private Outlines $outlines,
        private BenchWork $bench,
        private Spoiling $spoiling,
        private RecordViews $records,
        private Level $level,
        private GuidePaper $guides,
        private CutParts $parts,
    ) {
    }

    /** Lists the pieces at one station, due soonest first: so many as are asked for, and one by its number. */
    #[Polled(kept: true)]
    #[Route('/api/pieces', name: 'pieces', methods: ['GET'])]
    public function pieces(
        #[MapQueryParameter] Station $station,
        #[MapQueryParameter] int $most = self::MOST,
        #[MapQueryParameter] ?int $with = null,
    ): PiecesView {
        $states = PieceState::atStation($station);

        return new PiecesView(
            array_map($this->records->piece(...), $this->pieces->at($states, $most, with: $with)),
            $this->pieces->count(...$states),
        );
    }

    /** Gives what there is to weed at a piece, and in which order. */
    #[Route(
        '/api/pieces/{id}/weeding',
        name: 'piece-weeding',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function weeding(int $id): WeedingView
    {
        return $this->weedingOf($this->pieces->piece($id));
    }

    /** Keeps which insides are picked out. */
    #[Route('/api/pieces/{id}/out', name: 'piece-out', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function countOut(int $id, #[MapRequestPayload] CountRequest $request): WeedingView
    {
        $piece = $this->pieces->piece($id);
        $this->bench->countOut($piece, $request->version, array_values($request->numbers));

        return $this->weedingOf($piece);
    }

    /** Tells how level a piece is, by taps on a photo. */
    #[Route('/api/pieces/{id}/level', name: 'piece-level', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function level(int $id, #[MapRequestPayload] LevelRequest $request): LevelView
    {
        return new LevelView(
            ...$this->level->of(
                $this->pieces->piece($id),
                array_values($request->line),
                array_values($request->along),
            ),
        );
    }

    /** Gives a paper guide true to size, on as many pages as it takes. */
    #[Route(
        '/api/pieces/{id}/guide.pdf',
        name: 'piece-guide-pdf',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function guide(int $id, #[MapQueryParameter] string $paper = 'a4'): Response
    {
        if (!isset(GuidePaper::SIZES[$paper])) {
            throw Refusals::at('paper', 'The paper is a4 or letter.');
        }

        return $this->guides->response($this->pieces->piece($id), $paper);
    }

    /** Gives the same as one drawing, to be cut from paper. */
    #[Route(
        '/api/pieces/{id}/guide.svg',
        name: 'piece-guide-svg',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function guideDrawing(int $id): Response
    {
        return $this->guides->drawing($this->pieces->piece($id));
    }

    /** Makes a move of a piece: it is weeded, or spoiled. */
    #[Route('/api/pieces/{id}/moves', name: 'piece-move', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function move(int $id, #[MapRequestPayload] MoveRequest $request): PieceView
    {
        $piece = $this->pieces->piece($id);
        $move = PieceMove::tryFrom($request->move) ?? throw Refusals::at('move', 'There is no such move.');
        match ($move) {
            PieceMove::Weeded => $this->bench->weeded($piece, $request->version, $request->alike),
            PieceMove::Spoil => $this->spoiling->piece($piece, $request->version, $request->detail),
            default => throw new Refused('illegal-move', "“{$move->label()}” is not done with one piece."),
        };

        return $this->records->piece($piece);
    }

    private function weedingOf(Piece $piece): WeedingView
    {
        return WeedingView::from(
            $this->records->piece($piece),
            $this->outlines->cut($piece),
            $this->weeding->weeding($piece),
            $piece->out(),
            $this->parts->of($piece),
        );
    }
}
