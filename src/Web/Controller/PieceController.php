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
use Yelbo\Shop\Bench\Schools;
use Yelbo\Shop\Bench\UsedTapes;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\GuidePaper;
use Yelbo\Web\Paper\WorkPaper;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\CountRequest;
use Yelbo\Web\Request\LevelRequest;
use Yelbo\Web\Request\MoveRequest;
use Yelbo\Web\Request\SchoolRequest;
use Yelbo\Web\Request\TapeRequest;
use Yelbo\Web\Request\TickRequest;
use Yelbo\Web\View\LevelView;
use Yelbo\Web\View\ParcelView;
use Yelbo\Web\View\PiecesView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\SpotView;
use Yelbo\Web\View\StepArtView;
use Yelbo\Web\View\StepsView;
use Yelbo\Web\View\StepView;
use Yelbo\Web\View\UsedTapeView;
use Yelbo\Web\View\WeedingView;

/** Pieces at the bench and on their way out. */
final readonly class PieceController
{
    private const MOST = 60;

    public function __construct(
        private Pieces $pieces,
        private PieceWeeding $weeding,
        private Outlines $outlines,
        private BenchWork $bench,
        private Delivery $delivery,
        private RecordViews $records,
        private WorkPlans $plans,
        private UsedTapes $tapes,
        private Schools $schools,
        private Level $level,
        private WorkPaper $paper,
        private GuidePaper $guides,
        private CutParts $parts,
    ) {
    }

    /** Lists the pieces at one station, due soonest first: so many as are asked for. */
    #[Polled]
    #[Route('/api/pieces', name: 'pieces', methods: ['GET'])]
    public function pieces(
        #[MapQueryParameter] Station $station,
        #[MapQueryParameter] int $most = self::MOST,
    ): PiecesView {
        $states = PieceState::atStation($station);

        return new PiecesView(
            array_map($this->records->piece(...), $this->pieces->at($states, $most)),
            $this->pieces->count(...$states),
        );
    }

    /** Gives what there is to weed at a piece, and in which order. */
    #[Route('/api/pieces/{id}/weeding', name: 'piece-weeding', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function weeding(int $id): WeedingView
    {
        return $this->weedingOf($this->pieces->piece($id));
    }

    /** Keeps which insides are picked out. */
    #[Route('/api/pieces/{id}/out', name: 'piece-out', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function countOut(int $id, #[MapRequestPayload] CountRequest $request): WeedingView
    {
        $piece = $this->pieces->piece($id);
        $this->bench->countOut($piece, $request->version, array_values($request->numbers));

        return $this->weedingOf($piece);
    }

    /** Gives the steps of applying a piece, and which are done. */
    #[Route('/api/pieces/{id}/steps', name: 'piece-steps', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function steps(int $id): StepsView
    {
        return $this->stepsOf($this->pieces->piece($id));
    }

    /** Keeps which steps of applying are done. */
    #[Route('/api/pieces/{id}/steps', name: 'piece-tick', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function tick(int $id, #[MapRequestPayload] TickRequest $request): StepsView
    {
        $piece = $this->pieces->piece($id);
        $this->bench->tick(
            $piece,
            $request->version,
            array_values($request->done),
            $request->alike,
            $request->reason,
        );

        return $this->stepsOf($piece);
    }

    /** Works a piece the other way from a step on, where two schools do it differently. */
    #[Route('/api/pieces/{id}/school', name: 'piece-school', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function school(int $id, #[MapRequestPayload] SchoolRequest $request): StepsView
    {
        $piece = $this->pieces->piece($id);
        $this->schools->turn($piece, $request->version, $request->step, $request->alike);

        return $this->stepsOf($piece);
    }

    /** Lifts a piece with a tape that served before, or with a new one. */
    #[Route('/api/pieces/{id}/tape', name: 'piece-tape', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function tape(int $id, #[MapRequestPayload] TapeRequest $request): StepsView
    {
        $piece = $this->pieces->piece($id);
        $this->tapes->take($piece, $request->version, $request->from);

        return $this->stepsOf($piece);
    }

    /** Tells how level a piece is, by taps on a photo. */
    #[Route('/api/pieces/{id}/level', name: 'piece-level', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
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

    /** Gives the steps of a piece on paper, for who puts it on. */
    #[Route(
        '/api/pieces/{id}/steps.pdf',
        name: 'piece-steps-pdf',
        requirements: ['id' => '\d{1,9}'],
        methods: ['GET'],
    )]
    public function stepsPaper(int $id): Response
    {
        return $this->paper->steps($this->pieces->piece($id));
    }

    /** Gives the care card of a piece. */
    #[Route('/api/pieces/{id}/care.pdf', name: 'piece-care-pdf', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function careCard(int $id): Response
    {
        return $this->paper->careCard($this->pieces->piece($id));
    }

    /** Gives a paper guide true to size, on as many pages as it takes. */
    #[Route(
        '/api/pieces/{id}/guide.pdf',
        name: 'piece-guide-pdf',
        requirements: ['id' => '\d{1,9}'],
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
        requirements: ['id' => '\d{1,9}'],
        methods: ['GET'],
    )]
    public function guideDrawing(int $id): Response
    {
        return $this->guides->drawing($this->pieces->piece($id));
    }

    /** Gives what goes into the parcel with a piece. */
    #[Route('/api/pieces/{id}/parcel', name: 'piece-parcel', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function parcel(int $id): ParcelView
    {
        $piece = $this->pieces->piece($id);

        return new ParcelView(
            $this->records->piece($piece),
            $this->delivery->contents($piece),
            $this->delivery->care($piece),
            array_map(static fn (Piece $other): string => $other->tag(), $piece->goingToo()),
        );
    }

    /** Makes a move of a piece: weeded, applied, rested, posted, delivered, spoiled. */
    #[Route('/api/pieces/{id}/moves', name: 'piece-move', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function move(int $id, #[MapRequestPayload] MoveRequest $request): PieceView
    {
        $piece = $this->pieces->piece($id);
        $move = PieceMove::tryFrom($request->move) ?? throw Refusals::at('move', 'There is no such move.');
        if (\in_array($move, Delivery::MOVES, true)) {
            $this->delivery->move($piece, $request->version, $move, $request->detail, $request->alike);
        } else {
            $this->bench->move($piece, $request->version, $move, $request->detail, $request->alike);
        }

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

    private function stepsOf(Piece $piece): StepsView
    {
        $work = $this->plans->work($piece);

        return new StepsView(
            $this->records->piece($piece),
            array_map(
                static fn (string $name): StepView => StepView::from(
                    $name,
                    $work->steps[$name],
                    $work->drawings[$name],
                    \in_array($name, $piece->done(), true),
                ),
                array_keys($work->steps),
            ),
            $work->needs,
            $work->minutes,
            $work->waits,
            $work->after,
            array_map(
                fn (array $film): StepArtView => new StepArtView($this->outlines->path($film[0]), $film[1]),
                $work->art,
            ),
            SpotView::micrometres(...$work->artFrom),
            $piece->driesUntil()?->format(\DATE_ATOM),
            array_map(UsedTapeView::from(...), $this->tapes->for($piece)),
            $piece->tapeFrom(),
            \count($piece->alike()),
        );
    }
}
