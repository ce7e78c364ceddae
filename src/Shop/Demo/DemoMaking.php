<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Journey\PieceMove;

/** Takes an order of the made-up wharf from its yes to where it stands, the way a worker does. */
final readonly class DemoMaking
{
    public function __construct(
        private EntityManagerInterface $records,
        private PlanQueue $queue,
        private PlanEditor $plans,
        private LayPlanHandler $layer,
        private Remnants $remnants,
        private PieceWeeding $weeding,
        private BenchWork $bench,
        private Spoiling $spoiling,
        private WorkPlans $workPlans,
        private Delivery $delivery,
        private Book $book,
    ) {
    }

    /** @param int $far along the line, as `DemoOrdering` counts it */
    public function make(Docket $docket, int $far, \DateTimeImmutable $at): void
    {
        Clock::set(new MockClock($at));
        $batch = $this->release($docket);
        if ($far < 5) {
            return;
        }
        $batch->start('demo', $at);
        $batch->cut()->began();
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $at);
            $piece->move(PieceMove::CutDone, $at->modify('+10 minutes'));
            $this->book->note(
                'cut-done',
                "{$piece->tag()} cut, batch {$batch->id()}",
                $piece->docket()->number(),
                $piece->nth(),
            );
        }
        $batch->finished();
        $this->records->flush();
        if ($far >= 6) {
            $this->remnants->putAway(
                $batch,
                $batch->version(),
                null === $this->remnants->lying($batch)->square ? Remnants::SCRAP : Remnants::SQUARE,
            );
        }
        if ($far >= 6) {
            foreach ($docket->pieces() as $piece) {
                $this->finish($piece, $far);
            }
        }
    }

    /** Cut, and one of it spoiled. */
    public function spoilOne(Docket $docket, \DateTimeImmutable $at): void
    {
        $this->make($docket, 5, $at);
        $piece = $docket->pieces()[0];
        $this->spoiling->piece($piece, $piece->version(), 'the dot lifted with the surround');
    }

    /** The way a worker takes: plans are made, and the first is released. */
    private function release(Docket $docket): Batch
    {
        $pieces = array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $docket->pieces());
        [$plan] = $this->queue
            ->begin(
                $docket->item()->ownFilm(),
                $pieces,
                [],
                Nesting::NO_BOXES,
                null,
                0,
            )
            ->plans();
        ($this->layer)(new LayPlan($plan->id()));
        $plan = $this->plans->plan($plan->id());

        return $this->plans->release($plan, $plan->version())[0];
    }

    private function finish(Piece $piece, int $far): void
    {
        $this->bench->countOut($piece, $piece->version(), array_keys($this->weeding->weeding($piece)->insides()));
        $this->bench->weeded($piece, $piece->version());
        $thing = $piece->thing();
        if ($far < 7 || [] !== $thing->films()->missing()) {
            return;
        }
        $this->bench->tick($thing, $thing->version(), array_keys($this->workPlans->of($thing)->handSteps()));
        $this->bench->move(
            $thing,
            $thing->version(),
            $thing->item()->isAppliedHere() ? PieceMove::Applied : PieceMove::Packed,
        );
        if ($far >= 9) {
            $this->delivery->move(
                $thing,
                $thing->version(),
                10 === $far ? PieceMove::HandOver : PieceMove::Post,
                10 === $far ? '' : 'TW-5512-08',
            );
        }
    }
}
