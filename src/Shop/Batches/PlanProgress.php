<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Trade\Journey\PlanState;

/**
 * While a plan is worked on: tells now and then how far it is and the best so far, and sees whether it is still wanted.
 *
 * @phpstan-import-type Laid from NestPlan
 */
final class PlanProgress
{
    /** ns between two looks at whether it is still wanted. */
    private const LOOK = 250_000_000;
    /** s: after so long without anybody looking at the plans the best so far is enough. */
    private const ALONE = 10;

    private readonly int $began;
    private readonly int $until;
    private int $look = 0;
    /** @var Laid|null */
    private ?array $known = null;
    private float $share = 1.0;

    /** @param int|null $seconds for how long it may think; the first quick look has no time of its own */
    public function __construct(
        private readonly Connection $database,
        private readonly ClockInterface $clock,
        private readonly int $plan,
        private readonly ?int $seconds,
    ) {
        $this->began = hrtime(true);
        $this->until = $this->began + 1_000_000_000 * ($seconds ?? 0);
    }

    /** How much of its time it has had when it was given up; all of it where it was not. */
    public function share(): float
    {
        return $this->share;
    }

    /** @param \Closure(): Laid $best how to get the best so far */
    public function goesOn(\Closure $best): bool
    {
        $now = hrtime(true);
        if ($now < $this->look) {
            return $now < $this->until;
        }
        $this->look = $now + self::LOOK;
        $laid = $best();
        $changed = $laid !== $this->known;
        $this->known = $laid;
        $so = null === $this->seconds ? 0.0 : min(1.0, ($now - $this->began) / max(1, $this->until - $this->began));
        $wanted = $this->tell($so, $changed ? $laid : null);
        $this->share = $wanted ? 1.0 : $so;

        return $wanted && $now < $this->until;
    }

    /**
     * @param Laid|null $laid where it is better than before
     *
     * @return bool whether it is still wanted
     */
    public function tell(float $share, ?array $laid): bool
    {
        if (null !== $laid) {
            $this->database->executeStatement(
                'UPDATE nest_plan SET progress = ?, laid = ? WHERE id = ? AND state = ?',
                [$share, json_encode($laid, \JSON_THROW_ON_ERROR), $this->plan, PlanState::Working->value],
            );
        } else {
            $this->database->executeStatement('UPDATE nest_plan SET progress = ? WHERE id = ? AND state = ?', [
                $share,
                $this->plan,
                PlanState::Working->value,
            ]);
        }

        $long = $this->clock
            ->now()
            ->modify('-'.self::ALONE.' seconds')
            ->format('Y-m-d H:i:s');

        return false !==
            $this->database->fetchOne(
                'SELECT 1 FROM nest_plan p JOIN nesting n ON n.id = p.nesting_id WHERE p.id = ? AND p.cancelled = 0 '
                    .'AND n.seen_at > ?',
                [$this->plan, $long],
            );
    }
}
