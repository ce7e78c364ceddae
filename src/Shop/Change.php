<?php

declare(strict_types=1);

namespace Yelbo\Shop;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Machines\MachineProfile;
use Yelbo\Shop\Objects\KnownObject;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Pieces\Piece;

/** One change of state is one transaction; whoever comes second is told so. */
final readonly class Change
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /**
     * @template T
     *
     * @param int          $version the one the change was decided on
     * @param \Closure(): T $do
     *
     * @return T
     *
     * @throws Overtaken
     */
    public function of(Docket|Piece|Batch|KnownObject|MachineProfile|NestPlan $thing, int $version, \Closure $do): mixed
    {
        return $this->together([[$thing, $version]], $do);
    }

    /**
     * @template T
     *
     * @param list<array{Docket|Piece|Batch|KnownObject|MachineProfile|NestPlan, int}> $things each with the version it was decided on
     * @param \Closure(): T                         $do
     *
     * @return T
     *
     * @throws Overtaken
     */
    public function together(array $things, \Closure $do): mixed
    {
        $now = null;
        try {
            return $this->records->wrapInTransaction(function () use ($things, $do, &$now): mixed {
                foreach ($things as [$thing, $version]) {
                    $now = $thing;
                    $this->records->lock($thing, LockMode::OPTIMISTIC, $version);
                }

                return $do();
            });
        } catch (OptimisticLockException $late) {
            $entity = $late->getEntity();
            throw $this->overtaken($entity instanceof Docket || $entity instanceof Piece || $entity instanceof Batch || $entity instanceof KnownObject || $entity instanceof MachineProfile || $entity instanceof NestPlan ? $entity : $now, $late);
        }
    }

    private function overtaken(Docket|Piece|Batch|KnownObject|MachineProfile|NestPlan|null $thing, \Throwable $late): Overtaken
    {
        $what = match (true) {
            $thing instanceof Docket, $thing instanceof Piece => $thing->tag(),
            $thing instanceof Batch => "Batch {$thing->id()}",
            $thing instanceof KnownObject, $thing instanceof MachineProfile => "“{$thing->name()}”",
            $thing instanceof NestPlan => 'This plan',
            default => 'This',
        };
        $docket = match (true) {
            $thing instanceof Docket => $thing->number(),
            $thing instanceof Piece => $thing->docket()->number(),
            default => null,
        };
        $last = null === $docket ? false : $this->records->getConnection()->fetchAssociative('SELECT who, says FROM log_entry WHERE docket = ? ORDER BY id DESC LIMIT 1', [$docket]);
        $who = false !== $last && \is_string($last['who']) && \is_string($last['says']) ? "{$last['who']} ({$last['says']})" : 'Somebody else';

        return new Overtaken("$what was changed meanwhile by $who. You see it fresh now; what you typed is kept.", 0, $late);
    }
}
