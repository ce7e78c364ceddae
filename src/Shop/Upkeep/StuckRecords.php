<?php

declare(strict_types=1);

namespace Yelbo\Shop\Upkeep;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\FollowCut;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanStates;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Finishing;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\PlanMove;
use Yelbo\Trade\Journey\PlanState;

/**
 * Records that no move leads on from: left by a fault, by a backup that was put back, or by a hand in the database.
 * Each kind is mended by one rule; what is mended stands in the book.
 */
final readonly class StuckRecords
{
    public function __construct(
        private EntityManagerInterface $records,
        private PlanStates $plans,
        private Book $book,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
        private Finishing $finishing,
        private GivenUpMessages $givenUp,
    ) {
    }

    /** @return list<Stuck> */
    public function all(): array
    {
        return [
            ...$this->dockets(),
            ...$this->pieces(),
            ...$this->batches(),
            ...$this->plansAlone(),
            ...$this->givenUp->all(),
        ];
    }

    /**
     * Mends what is stuck, each in a transaction of its own.
     *
     * @return list<Stuck> what was mended
     */
    public function mend(): array
    {
        $this->book->as('Yelbo');
        $all = $this->all();
        foreach ($all as $stuck) {
            $this->records->wrapInTransaction(function () use ($stuck): void {
                ($stuck->mend)();
                $this->book->note('mended', "{$stuck->what} {$stuck->rule}");
            });
        }

        return $all;
    }

    /** @return list<Stuck> being made, and nothing of them is to be made any more */
    private function dockets(): array
    {
        /** @var list<Docket> $dockets */
        $dockets = $this->records
            ->createQuery(
                'SELECT d FROM '.
                    Docket::class.
                    ' d WHERE d.state = :making AND NOT EXISTS (SELECT p.id FROM '.
                    Piece::class.
                    ' p WHERE p.docket = d AND p.state NOT IN (:over)) ORDER BY d.number',
            )
            ->setParameter('making', DocketState::Making)
            ->setParameter('over', [PieceState::Delivered, PieceState::Withdrawn])
            ->getResult();

        return array_map(
            fn (Docket $docket): Stuck => [] === $docket->pieces()
                ? new Stuck(
                    "{$docket->tag()} is being made and has no piece.",
                    'It goes back to Size.',
                    fn () => $docket->reopen($docket->items(), $this->clock->now()),
                )
                : new Stuck(
                    "{$docket->tag()} is being made and all of it has arrived.",
                    'It is done.',
                    fn () => $this->finishing->endIfDelivered($docket),
                ),
            $dockets,
        );
    }

    /** @return list<Stuck> in a batch that is not there, or not where they are */
    private function pieces(): array
    {
        /** @var list<array{id: int, state: PieceState, batch: int|null}> $rows */
        $rows = $this->records
            ->createQuery(
                'SELECT p.id, p.state, p.batch FROM '.Piece::class.' p WHERE p.state IN (:states) ORDER BY p.id',
            )
            ->setParameter('states', [PieceState::Batched, PieceState::Cutting])
            ->getResult();
        $together = $this->statesOfReleases();
        $stuck = [];
        foreach ($rows as ['id' => $id, 'state' => $state, 'batch' => $batch]) {
            $moves = self::missing($state, $together[$batch ?? 0] ?? []);
            if ([] !== $moves) {
                $stuck[] = $this->stuckPiece($id, $state, $moves);
            }
        }

        return $stuck;
    }

    /** @param non-empty-list<PieceMove> $moves */
    private function stuckPiece(int $id, PieceState $state, array $moves): Stuck
    {
        $piece = $this->records->find(Piece::class, $id) ?? throw new \LogicException('It was just read.');

        return new Stuck(
            "{$piece->tag()} is {$state->value} and its batch is not.",
            PieceMove::Unbatch === $moves[\count($moves) - 1]
                ? 'It waits for film again.'
                : 'It stands where its batch does.',
            function () use ($piece, $moves): void {
                foreach ($moves as $move) {
                    PieceMove::Unbatch === $move
                        ? $piece->takeOut($this->clock->now())
                        : $piece->move($move, $this->clock->now());
                }
            },
        );
    }

    /**
     * The moves a piece has missed.
     *
     * @param list<BatchState> $batches where the sheets of its release stand
     *
     * @return list<PieceMove>
     */
    private static function missing(PieceState $piece, array $batches): array
    {
        $open = array_filter($batches, static fn (BatchState $state): bool => BatchState::Dissolved !== $state);
        $isCutting = PieceState::Cutting === $piece;
        if ([] === $open) {
            return $isCutting ? [PieceMove::CutStopped, PieceMove::Unbatch] : [PieceMove::Unbatch];
        }
        if ([BatchState::Cut] === array_values(array_unique($open, \SORT_REGULAR))) {
            return $isCutting ? [PieceMove::CutDone] : [PieceMove::StartCut, PieceMove::CutDone];
        }

        return $isCutting && [BatchState::Released] === array_values(array_unique($open, \SORT_REGULAR))
            ? [PieceMove::CutStopped]
            : [];
    }

    /** @return array<int, list<BatchState>> for each batch where it and those released with it stand */
    private function statesOfReleases(): array
    {
        /** @var list<array{id: int, release: int|null, state: BatchState}> $rows */
        $rows = $this->records->createQuery('SELECT b.id, b.release, b.state FROM '.Batch::class.' b')->getResult();
        $of = $states = [];
        foreach ($rows as ['id' => $id, 'release' => $release, 'state' => $state]) {
            $of[$id] = $release ?? $id;
            $states[$of[$id]][] = $state;
        }

        return array_map(static fn (int $release): array => $states[$release], $of);
    }

    /** @return list<Stuck> on the cutter, and nobody looks how far it is */
    private function batches(): array
    {
        $stuck = [];
        foreach ($this->records->getRepository(Batch::class)->findBy(['state' => BatchState::Cutting]) as $batch) {
            $job = (string) $batch->cut()->job();
            if (!$this->isAskedFor('FollowCut', $job)) {
                $stuck[] = new Stuck(
                    "Batch {$batch->id()} is on the cutter and nobody follows it.",
                    'The cutter is asked what became of it.',
                    function () use ($batch, $job): void {
                        $this->bus->dispatch(new FollowCut($batch->id(), $job));
                    },
                );
            }
        }

        return $stuck;
    }

    /** @return list<Stuck> to be thought about, and no worker was told */
    private function plansAlone(): array
    {
        $stuck = [];
        $open = ['state' => [PlanState::Waiting, PlanState::Working]];
        foreach ($this->records->getRepository(NestPlan::class)->findBy($open) as $plan) {
            $id = $plan->id();
            if (!$this->isAskedFor('LayPlan', "i:$id;")) {
                $stuck[] = new Stuck(
                    "Plan $id is to be laid out and no worker was told.",
                    'It is laid out anew.',
                    function () use ($id): void {
                        $this->plans->move(PlanMove::Resume, ['id' => $id]);
                        $this->bus->dispatch(new LayPlan($id));
                    },
                );
            }
        }

        return $stuck;
    }

    /** Whether a message of a kind that names something waits for a worker, or is with one. */
    private function isAskedFor(string $kind, string $named): bool
    {
        return false !== $this->records
            ->getConnection()
            ->fetchOne('SELECT 1 FROM messenger_messages WHERE queue_name <> ? AND body LIKE ? AND body LIKE ? '
                .'LIMIT 1', [
                    'failed',
                    "%$kind%",
                    '%'.addcslashes($named, '%_\\').'%',
                ]);
    }
}
