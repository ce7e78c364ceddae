<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Yelbo\Shop\Records\Ticks;

/**
 * The plan of the week as it was found last, and whether another is being thought about: it is made anew in the
 * background whenever anything changes, and as time goes by.
 *
 * @phpstan-type Entry array{docket: int, key: string, station: string, says: string, hand: int, machine: bool,
 *     from: string, to: string, until: string, pinned: bool}
 * @phpstan-type Late array{docket: int, says: string, options: list<array{kind: string, date: string, says: string}>}
 * @phpstan-type Order array{docket: int, tag: string, label: string, customer: string, due: string|null, ready: string,
 *     late: int, begins: string|null, because: string}
 * @phpstan-type Plan array{now: string, entries: list<Entry>, orders: list<Order>, late: list<Late>, trouble: string}
 */
final readonly class WeekBoard
{
    /** Seconds: as time goes by it is made anew. */
    private const KEEPS = 600;

    public function __construct(
        private Connection $database,
        private Ticks $ticks,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
    ) {
    }

    /** How far the records, and the time, have come. */
    public function mark(): string
    {
        return $this->ticks->version().'@'.intdiv($this->clock->now()->getTimestamp(), self::KEEPS);
    }

    /** Was it made as things stand now? */
    public function isFresh(): bool
    {
        return ($this->row()['tick'] ?? '') === $this->mark();
    }

    /**
     * The plan that was found last; asks for another where that is not of now.
     *
     * @return array{Plan|null, bool} none where none was made yet; and whether another is on its way
     */
    public function current(): array
    {
        $row = $this->row();
        $mark = $this->mark();
        if (($row['tick'] ?? '') !== $mark && ($row['asked'] ?? '') !== $mark) {
            $this->database->executeStatement(
                'INSERT INTO stored_week (id, tick, asked, plan) VALUES (1, \'\', ?, NULL)
                 ON DUPLICATE KEY UPDATE asked = VALUES(asked)',
                [$mark],
            );
            $this->bus->dispatch(new PlanWeek());
        }

        return [$this->plan($row), ($row['tick'] ?? '') !== $mark];
    }

    /** @return Plan|null the plan that was found last; none where none was made yet */
    public function last(): ?array
    {
        return $this->plan($this->row());
    }

    /** @return list<Entry> of the plan that was found last */
    public function entries(): array
    {
        return $this->plan($this->row())['entries'] ?? [];
    }

    /**
     * Keeps a plan.
     *
     * @param string $mark how far things had come when it was begun
     * @param Plan   $plan
     */
    public function keep(string $mark, array $plan): void
    {
        $this->database->executeStatement(
            'INSERT INTO stored_week (id, tick, asked, plan) VALUES (1, ?, ?, ?)
             ON DUPLICATE KEY UPDATE tick = VALUES(tick), plan = VALUES(plan)',
            [$mark, $mark, json_encode($plan, \JSON_THROW_ON_ERROR)],
        );
    }

    /**
     * Shows a plan that is still being worked on.
     *
     * @param Plan $plan
     */
    public function show(array $plan): void
    {
        $this->database->executeStatement(
            'INSERT INTO stored_week (id, tick, asked, plan) VALUES (1, \'\', \'\', ?)
             ON DUPLICATE KEY UPDATE plan = VALUES(plan)',
            [json_encode($plan, \JSON_THROW_ON_ERROR)],
        );
    }

    /** @return array{tick: string, asked: string, plan: string|null}|null */
    private function row(): ?array
    {
        /** @var array{tick: string, asked: string, plan: string|null}|false $row */
        $row = $this->database->fetchAssociative('SELECT tick, asked, plan FROM stored_week WHERE id = 1');

        return false === $row ? null : $row;
    }

    /**
     * @param array{tick: string, asked: string, plan: string|null}|null $row
     *
     * @return Plan|null
     */
    private function plan(?array $row): ?array
    {
        /** @var Plan|null $plan */
        $plan = null === ($row['plan'] ?? null) ? null : json_decode($row['plan'], true, 32, \JSON_THROW_ON_ERROR);

        return $plan;
    }
}
