<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Yelbo\Shop\Records\Ticks;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;

/**
 * Where orders stand, for the line and for lists. Two statements, however many they are: one for the orders, one for
 * what their pieces have in common.
 *
 * @phpstan-type Row array{id: int, number: int, label: string, state: string, needed_at: string|null, quantity: int,
 *     film_id: int|null, object_name: string|null, waits_for: string, customer: string|null}
 * @phpstan-type Alike array{docket_id: int, state: string, rests: string|null, fresh: int}
 */
final readonly class DocketSummaries
{
    /** More are never given at once. */
    private const MOST = 200;
    private const ROW = <<<'SQL'
        SELECT d.id, d.number, d.label, d.state, d.needed_at, d.quantity, d.film_id, d.object_name, d.waits_for,
               COALESCE(c.name, JSON_VALUE(d.answers, '$.customer')) AS customer
        FROM docket d LEFT JOIN customer c ON c.id = d.customer_id
        SQL;
    private const ALIKE = <<<'SQL'
        SELECT p.docket_id, p.state, MAX(t.rests_until) AS rests, COUNT(*) - COUNT(t.rests_until) AS fresh
        FROM piece p JOIN docket d ON d.id = p.docket_id JOIN thing t ON t.id = p.thing_id
        SQL;

    public function __construct(
        private Connection $database,
        private Lateness $lateness,
        private Ticks $ticks,
        private ClockInterface $clock,
        #[Autowire(service: 'lists.memory')] private CacheInterface $memory,
    ) {
    }

    /**
     * What stands at each station, worked out once for all who ask until something changes. What is late changes with
     * the clock alone: each minute it is worked out anew.
     *
     * @param int $most so many of each
     *
     * @return array<string, array{many: int, late: int, first: list<DocketSummary>}> by the name of the station
     */
    public function stations(int $most): array
    {
        return $this->remembered("first-$most", fn (): array => array_map(
            static fn (array $here): array => [
                'many' => \count($here),
                'late' => \count(array_filter($here, static fn (DocketSummary $docket): bool => $docket->isLate)),
                'first' => \array_slice($here, 0, $most),
            ],
            $this->byStation(),
        ));
    }

    /**
     * Some of those that stand at a station, due soonest first.
     *
     * @param Station|null $station none for all stations
     * @param int          $from    so many come before them
     * @param int          $most    so many of them; 200 at the most
     *
     * @return array{many: int, from: int, part: list<DocketSummary>} with how many stand there in all
     */
    public function part(?Station $station, int $from, int $most): array
    {
        $here = null === $station
            ? $this->open()
            : $this->remembered($station->value, fn (): array => $this->byStation()[$station->value] ?? []);
        $from = max(0, $from);

        return [
            'many' => \count($here),
            'from' => $from,
            'part' => \array_slice($here, $from, max(0, min(self::MOST, $most))),
        ];
    }

    /** @return array<string, list<DocketSummary>> */
    private function byStation(): array
    {
        $stations = [];
        foreach ($this->open() as $docket) {
            $stations[$docket->station->value ?? ''][] = $docket;
        }

        return $stations;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function remembered(string $what, \Closure $make): mixed
    {
        $key = [$this->database->getParams()['dbname'] ?? '', $this->ticks->version(), $what];

        return $this->memory->get(
            'standings.'.hash('xxh128', implode("\n", $key)).$this->clock->now()->format('.YmdHi'),
            $make,
        );
    }

    /** @return list<DocketSummary> all that are neither done nor cancelled, due soonest first */
    public function open(): array
    {
        $open = [DocketState::Asking->value, DocketState::Sizing->value, DocketState::Proofing->value];
        /** @var list<Row> $rows */
        $rows = $this->database->fetchAllAssociative(
            self::ROW.' WHERE d.state IN (?)',
            [[...$open, DocketState::Making->value]],
            [ArrayParameterType::STRING],
        );
        /** @var list<Alike> $alike */
        $alike = $this->database->fetchAllAssociative(
            self::ALIKE.' WHERE d.state = ? AND p.state <> ? GROUP BY p.docket_id, p.state',
            [DocketState::Making->value, PieceState::Withdrawn->value],
        );
        $standings = $this->standings($rows, $alike);
        usort(
            $standings,
            static fn (DocketSummary $a, DocketSummary $b): int => [
                $a->neededAt?->getTimestamp() ?? \PHP_INT_MAX,
                $a->number,
            ] <=> [$b->neededAt?->getTimestamp() ?? \PHP_INT_MAX, $b->number],
        );

        return $standings;
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<DocketSummary> the newest first
     */
    public function of(array $numbers): array
    {
        /** @var list<Row> $rows */
        $rows = $this->database->fetchAllAssociative(
            self::ROW.' WHERE d.number IN (?) ORDER BY d.number DESC',
            [$numbers],
            [ArrayParameterType::INTEGER],
        );
        /** @var list<Alike> $alike */
        $alike = $this->database->fetchAllAssociative(
            self::ALIKE.' WHERE d.number IN (?) AND p.state <> ? GROUP BY p.docket_id, p.state',
            [$numbers, PieceState::Withdrawn->value],
            [ArrayParameterType::INTEGER],
        );

        return $this->standings($rows, $alike);
    }

    /**
     * @param list<Row>   $rows
     * @param list<Alike> $alike
     *
     * @return list<DocketSummary>
     */
    private function standings(array $rows, array $alike): array
    {
        $groups = [];
        foreach ($alike as $group) {
            $groups[$group['docket_id']][] = $group;
        }

        return array_map(fn (array $row): DocketSummary => $this->standing($row, $groups[$row['id']] ?? []), $rows);
    }

    /**
     * @param Row         $row
     * @param list<Alike> $alike
     */
    private function standing(array $row, array $alike): DocketSummary
    {
        $state = DocketState::from($row['state']);
        $needed = self::moment($row['needed_at']);

        return new DocketSummary(
            $row['number'],
            Docket::called($row['label']),
            $row['customer'] ?? '',
            $row['object_name'] ?? '',
            $state,
            Journey::station(
                $state,
                array_map(static fn (array $group): PieceState => PieceState::from($group['state']), $alike),
            ),
            $this->lateness->isLate($state, $needed, self::rests($alike), $row['waits_for']),
            $needed,
            $row['quantity'],
            $row['film_id'],
        );
    }

    /**
     * Of pieces that stand alike only the one that rests longest can be late, and one that does not rest yet.
     *
     * @param list<Alike> $alike
     *
     * @return list<array{PieceState, \DateTimeImmutable|null}>
     */
    private static function rests(array $alike): array
    {
        $rests = [];
        foreach ($alike as $group) {
            $state = PieceState::from($group['state']);
            if (null !== $group['rests']) {
                $rests[] = [$state, self::moment($group['rests'])];
            }
            if ($group['fresh'] > 0) {
                $rests[] = [$state, null];
            }
        }

        return $rests;
    }

    private static function moment(?string $kept): ?\DateTimeImmutable
    {
        return null === $kept ? null : new \DateTimeImmutable($kept);
    }
}
