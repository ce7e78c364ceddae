<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\ShownStep;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Bench\StepArt;
use Yelbo\Shop\Bench\Techniques;
use Yelbo\Shop\Bench\UsedTapes;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Orders\Things;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Web\Address;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\WorkPaper;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\SchoolRequest;
use Yelbo\Web\Request\TapeRequest;
use Yelbo\Web\Request\ThingMoveRequest;
use Yelbo\Web\Request\TickRequest;
use Yelbo\Web\View\ParcelView;
use Yelbo\Web\View\SpotView;
use Yelbo\Web\View\StepArtView;
use Yelbo\Web\View\StepFilmsView;
use Yelbo\Web\View\StepsView;
use Yelbo\Web\View\StepView;
use Yelbo\Web\View\ThingsView;
use Yelbo\Web\View\ThingView;
use Yelbo\Web\View\UsedTapeView;

/** Things at the bench and on their way out: objects with all their films. */
final readonly class ThingController
{
    private const MOST = 60;

    public function __construct(
        private Things $things,
        private BenchWork $bench,
        private Spoiling $spoiling,
        private Delivery $delivery,
        private RecordViews $records,
        private WorkPlans $plans,
        private UsedTapes $tapes,
        private Techniques $schools,
        private Outlines $outlines,
        private WorkPaper $paper,
    ) {
    }

    /** Lists the things something of which stands at one station, due soonest first; so many, and one by its number. */
    #[Polled(kept: true)]
    #[Route('/api/things', name: 'things', methods: ['GET'])]
    public function things(
        #[MapQueryParameter] Station $station,
        #[MapQueryParameter] int $most = self::MOST,
        #[MapQueryParameter] ?int $with = null,
    ): ThingsView {
        $states = PieceState::atStation($station);

        return new ThingsView(
            array_map(
                fn (Thing $thing): ThingView => $this->records->thing($thing),
                $this->things->at($states, $most, $with),
            ),
            $this->things->count(...$states),
        );
    }

    /** Gives the steps of a thing, film by film and then its own, and which are done. */
    #[Route('/api/things/{id}/steps', name: 'thing-steps', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function steps(int $id): StepsView
    {
        return $this->stepsOf($this->things->thing($id));
    }

    /** Keeps which steps are done. */
    #[Route('/api/things/{id}/steps', name: 'thing-tick', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function tick(int $id, #[MapRequestPayload] TickRequest $request): StepsView
    {
        $thing = $this->things->thing($id);
        $this->bench->tick(
            $thing,
            $request->version,
            array_values($request->done),
            $request->alike,
            $request->reason,
        );

        return $this->stepsOf($thing);
    }

    /** Works a thing the other way from a step on, where two schools do it differently. */
    #[Route('/api/things/{id}/school', name: 'thing-school', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function school(int $id, #[MapRequestPayload] SchoolRequest $request): StepsView
    {
        $thing = $this->things->thing($id);
        $this->schools->turn($thing, $request->version, $request->step, $request->alike);

        return $this->stepsOf($thing);
    }

    /** Lifts a film of a thing with a tape that served before, or with a new one. */
    #[Route('/api/things/{id}/tape', name: 'thing-tape', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function tape(int $id, #[MapRequestPayload] TapeRequest $request): StepsView
    {
        $thing = $this->things->thing($id);
        $this->tapes->take($this->pieces($thing, [$request->piece])[0], $request->version, $request->from);

        return $this->stepsOf($thing);
    }

    /** Gives the steps of a thing on paper, for who puts it on. */
    #[Route(
        '/api/things/{id}/steps.pdf',
        name: 'thing-steps-pdf',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function stepsPaper(int $id): Response
    {
        return $this->paper->steps($this->things->thing($id));
    }

    /** Gives the care card of a thing. */
    #[Route(
        '/api/things/{id}/care.pdf',
        name: 'thing-care-pdf',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function careCard(int $id): Response
    {
        return $this->paper->careCard($this->things->thing($id));
    }

    /** Gives what goes into the parcel with a thing. */
    #[Route('/api/things/{id}/parcel', name: 'thing-parcel', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function parcel(int $id): ParcelView
    {
        $thing = $this->things->thing($id);

        return new ParcelView(
            $this->records->thing($thing),
            $this->delivery->contents($thing),
            $this->delivery->care($thing),
            array_map(static fn (Thing $other): string => $other->tag(), $thing->goingToo()),
        );
    }

    /** Makes a move of a thing: applied, packed, rested, handed over, posted, delivered, or films of it spoiled. */
    #[Route('/api/things/{id}/moves', name: 'thing-move', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function move(int $id, #[MapRequestPayload] ThingMoveRequest $request): ThingView
    {
        $thing = $this->things->thing($id);
        $move = PieceMove::tryFrom($request->move) ?? throw Refusals::at('move', 'There is no such move.');
        if (\in_array($move, Delivery::MOVES, true)) {
            $this->delivery->move($thing, $request->version, $move, $request->detail, $request->alike);
        } elseif (PieceMove::Spoil === $move) {
            $this->spoiling->thing(
                $thing,
                $request->version,
                $this->pieces($thing, array_values($request->pieces)),
                $request->detail,
            );
        } else {
            $this->bench->move($thing, $request->version, $move, $request->alike);
        }

        return $this->records->thing($thing);
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<Piece> its own of these numbers
     *
     * @throws NotFound
     */
    private function pieces(Thing $thing, array $numbers): array
    {
        return array_map(
            static function (int $number) use ($thing): Piece {
                foreach ($thing->pieces() as $piece) {
                    if ($piece->id() === $number) {
                        return $piece;
                    }
                }
                throw new NotFound("There is no such film on {$thing->tag()}.");
            },
            $numbers,
        );
    }

    private function stepsOf(Thing $thing): StepsView
    {
        $work = $this->plans->shownPlan($thing);

        return new StepsView(
            $this->records->thing($thing, fn (Piece $piece): array => $piece->drawn()->isOnTop()
                && PieceState::Applying === $piece->state()
                    ? array_map(UsedTapeView::from(...), $this->tapes->for($piece))
                    : []),
            array_map(
                static fn (string $name, ShownStep $step): StepView => StepView::from(
                    $name,
                    $step,
                    \in_array($name, $thing->progress()->done, true),
                ),
                array_keys($work->steps),
                $work->steps,
            ),
            $work->needs,
            $work->minutes,
            $work->waits,
            $work->after,
            array_map(
                fn (StepArt $art): StepFilmsView => new StepFilmsView(
                    array_map(
                        fn (array $film): StepArtView => new StepArtView($this->outlines->path($film[0]), $film[1]),
                        $art->films,
                    ),
                    SpotView::micrometres(...$art->from),
                ),
                $work->art,
            ),
            $thing->progress()->driesUntil?->format(\DATE_ATOM),
            \count($thing->alike()),
        );
    }
}
