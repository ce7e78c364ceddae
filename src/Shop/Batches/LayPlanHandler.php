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
 *
 * @phpstan-import-type Laid from NestPlan
 */
#[AsMessageHandler]
final readonly class LayPlanHandler
{
    /** ns between two looks at whether it is still wanted. */
    private const LOOK = 250_000_000;
    /** s: after so long without anybody looking at the plans the best so far is enough. */
    private const ALONE = 10;

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
        $began = hrtime(true);
        $until = $began + ($message->quick ? 0 : 1_000_000_000 * $plan->seconds());
        $look = 0;
        $known = null;
        $share = 1.0;
        try {
            $laid = $this->laying->lay($plan, function (\Closure $best) use ($id, $began, $until, $message, &$look, &$known, &$share): bool {
                $now = hrtime(true);
                if ($now < $look) {
                    return $now < $until;
                }
                $look = $now + self::LOOK;
                $laid = $best();
                $changed = $laid !== $known;
                $known = $laid;

                $so = $message->quick ? 0.0 : min(1.0, ($now - $began) / max(1, $until - $began));
                $wanted = $this->tell($id, $so, $changed ? $laid : null);
                $share = $wanted ? 1.0 : $so;

                return $wanted && $now < $until;
            });
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
            $this->tell($id, 0, $laid);

            return;
        }
        $this->database->executeStatement('UPDATE nest_plan SET state = ?, progress = ?, laid = ?, version = version + 1 WHERE id = ? AND state = ?', [NestPlan::DONE, $share, json_encode($laid, \JSON_THROW_ON_ERROR), $id, NestPlan::WORKING]);
    }

    private function fail(int $id, string $says): void
    {
        $this->database->executeStatement('UPDATE nest_plan SET state = ?, trouble = ?, version = version + 1 WHERE id = ?', [NestPlan::FAILED, mb_substr($says, 0, 300), $id]);
    }

    /**
     * @param Laid|null $laid where it is better than before
     *
     * @return bool whether it is still wanted
     */
    private function tell(int $id, float $progress, ?array $laid): bool
    {
        if (null !== $laid) {
            $this->database->executeStatement('UPDATE nest_plan SET progress = ?, laid = ? WHERE id = ? AND state = ?', [$progress, json_encode($laid, \JSON_THROW_ON_ERROR), $id, NestPlan::WORKING]);
        } else {
            $this->database->executeStatement('UPDATE nest_plan SET progress = ? WHERE id = ? AND state = ?', [$progress, $id, NestPlan::WORKING]);
        }

        $long = $this->clock->now()->modify('-'.self::ALONE.' seconds')->format('Y-m-d H:i:s');

        return false !== $this->database->fetchOne('SELECT 1 FROM nest_plan p JOIN nesting n ON n.id = p.nesting_id WHERE p.id = ? AND p.cancelled = 0 AND n.seen_at > ?', [$id, $long]);
    }
}
