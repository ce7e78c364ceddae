<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;
use Yelbo\Trade\Journey\PlanMove;
use Yelbo\Trade\Journey\PlanState;

/**
 * Works on one plan and tells how far it is and the best so far. What it writes is one row at a time and whole, so a
 * worker killed in the middle leaves the best so far, and the message comes back to another one.
 */
#[AsMessageHandler]
final readonly class LayPlanHandler
{
    public function __construct(
        private EntityManagerInterface $records,
        private NestBuilder $builder,
        private PlanStates $states,
        private Connection $database,
        private ClockInterface $clock,
    ) {
    }

    /** Lays one plan out, until it is thought to the end or given up. */
    public function __invoke(LayPlan $message): void
    {
        // As it stands now, whatever was known of it before.
        $plan = $this->records
            ->createQuery('SELECT p FROM '.NestPlan::class.' p WHERE p.id = :id')
            ->setParameter('id', $message->plan)
            ->setHint(Query::HINT_REFRESH, true)
            ->getOneOrNullResult();
        if (!($plan instanceof NestPlan) || !$plan->state()->isUnderWay()) {
            return;
        }
        $id = $plan->id();
        $this->states->move(PlanMove::Begin, ['id' => $id], counted: false);
        $progress = new PlanProgress($this->database, $this->clock, $id, $message->quick ? null : $plan->seconds());
        try {
            $laid = $this->builder->lay($plan, $progress->goesOn(...));
        } catch (\DomainException $refused) {
            $this->fail($id, $refused->getMessage());

            return;
        } catch (\Throwable $fault) {
            if ($fault instanceof DriverException) {
                // The database went away: the message comes again, to this worker or to another.
                throw $fault;
            }
            $this->fail($id, 'Laying out broke off. Choose the pieces again; if it stays, tell the owner the time.');
            throw new UnrecoverableMessageHandlingException("Plan $id: {$fault->getMessage()}", 0, $fault);
        }
        if ($message->quick) {
            $progress->tell(0, $laid);

            return;
        }
        $this->states->move(
            PlanMove::Finish,
            ['id' => $id],
            ['progress' => $progress->share(), 'laid' => json_encode($laid, \JSON_THROW_ON_ERROR)],
        );
        $this->leastFilm($plan->nesting());
    }

    /** What takes least film is called so: another plan's way is taken where that takes less. */
    private function leastFilm(Nesting $nesting): void
    {
        $plans = [];
        foreach (
            $this->records
                ->createQuery('SELECT p FROM '.NestPlan::class.' p WHERE p.nesting = :nesting')
                ->setParameter('nesting', $nesting)
                ->setHint(Query::HINT_REFRESH, true)
                ->getResult() as $plan
        ) {
            if ($plan instanceof NestPlan && PlanState::Done === $plan->state() && !$plan->canUndo()) {
                $plans[$plan->kind()->value] = $plan;
            }
        }
        $least = $plans[PlanKind::LeastFilm->value] ?? null;
        $best = $laid = $least?->laid();
        foreach ($plans as $plan) {
            $other = $plan->laid();
            if (null !== $best && null !== $other && $this->builder->takesLess($nesting, $other, $best)) {
                $best = $other;
            }
        }
        if (null !== $least && $best !== $laid) {
            $this->states->move(
                PlanMove::Edit,
                ['id' => $least->id(), 'version' => $least->version()],
                ['laid' => json_encode($best, \JSON_THROW_ON_ERROR)],
            );
        }
    }

    private function fail(int $id, string $says): void
    {
        $this->states->move(PlanMove::Fail, ['id' => $id], ['trouble' => mb_substr($says, 0, 300)]);
    }
}
