<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;

/**
 * Works on one plan and tells how far it is and the best so far. What it writes is one row at a time and whole, so a
 * worker killed in the middle leaves the best so far, and the message comes back to another one.
 */
#[AsMessageHandler]
final readonly class LayPlanHandler
{
    public function __construct(private EntityManagerInterface $records, private Laying $laying, private Connection $database, private ClockInterface $clock)
    {
    }

    public function __invoke(LayPlan $message): void
    {
        $this->records->clear();
        $plan = $this->records->find(NestPlan::class, $message->plan);
        if (null === $plan || !\in_array($plan->state(), [NestPlan::WAITING, NestPlan::WORKING], true)) {
            return;
        }
        $id = $plan->id();
        $this->database->executeStatement('UPDATE nest_plan SET state = ? WHERE id = ? AND state = ?', [NestPlan::WORKING, $id, NestPlan::WAITING]);
        $progress = new Progress($this->database, $this->clock, $id, $message->quick ? null : $plan->seconds());
        try {
            $laid = $this->laying->lay($plan, $progress->goesOn(...));
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
        $this->database->executeStatement('UPDATE nest_plan SET state = ?, progress = ?, laid = ?, version = version + 1 WHERE id = ? AND state = ?', [NestPlan::DONE, $progress->share(), json_encode($laid, \JSON_THROW_ON_ERROR), $id, NestPlan::WORKING]);
    }

    private function fail(int $id, string $says): void
    {
        $this->database->executeStatement('UPDATE nest_plan SET state = ?, trouble = ?, version = version + 1 WHERE id = ?', [NestPlan::FAILED, mb_substr($says, 0, 300), $id]);
    }
}
