<?php

declare(strict_types=1);

namespace Yelbo\Shop\Report;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Bench\TimedWork;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Week\Calendar;
use Yelbo\Shop\Week\WeekBoard;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Rule;

/**
 * Figures of the shop to be drawn: the load of the days to come, film off the shelf and back on it, promised against
 * delivered, told against real minutes, what the shelf is worth.
 *
 * @phpstan-type Load array{date: string, planned: int, open: int}
 * @phpstan-type FilmUse array{week: string, film: string, off: float, back: float}
 * @phpstan-type Delivered array{days: int, count: int}
 * @phpstan-type Minutes array{station: string, told: float, took: float}
 * @phpstan-type Worth array{film: string, area: float, worth: int, since: string|null}
 */
final readonly class Pictures
{
    private const DAYS = 14;
    private const WEEKS = 8;
    private const MOST = 400;

    public function __construct(
        private Connection $database,
        private EntityManagerInterface $records,
        private WeekBoard $board,
        private Calendar $calendar,
        private Shelf $shelf,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<Load> minutes of hands that are planned, and that there are, of each day it is open */
    public function load(): array
    {
        [$plan] = $this->board->current();
        $planned = [];
        foreach ($plan['entries'] ?? [] as $entry) {
            $day = substr($entry['from'], 0, 10);
            $minutes = (new \DateTimeImmutable($entry['to']))->getTimestamp() -
                (new \DateTimeImmutable($entry['from']))->getTimestamp();
            $planned[$day] = ($planned[$day] ?? 0) + intdiv($minutes, 60);
        }
        $load = [];
        $today = $this->clock->now()->setTime(0, 0);
        for ($ahead = 0; $ahead < self::DAYS; ++$ahead) {
            $day = $today->modify("+$ahead days");
            $open = 0;
            foreach ($this->calendar->hands() as $hand) {
                foreach ($this->calendar->hours($hand)->on($day) as [$from, $to]) {
                    $open += $to - $from;
                }
            }
            $date = $day->format('Y-m-d');
            if ($open > 0 || isset($planned[$date])) {
                $load[] = ['date' => $date, 'planned' => $planned[$date] ?? 0, 'open' => $open];
            }
        }

        return $load;
    }

    /** @return list<FilmUse> m² that went off the shelf and came back onto it as offcuts, by week and film */
    public function film(): array
    {
        $since = $this->clock->now()->modify('-'.self::WEEKS.' weeks')->format('Y-m-d');
        /** @var list<array{week: string, film: int|string, off: float|string, back: float|string}> $rows */
        $rows = $this->database->fetchAllAssociative(
            "SELECT DATE_FORMAT(DATE_SUB(m.moved_at, INTERVAL WEEKDAY(m.moved_at) DAY), '%Y-%m-%d') AS week,
                    i.film_id AS film,
                    SUM(IF(m.area < 0, m.area, 0)) AS off, SUM(IF(m.area > 0, m.area, 0)) AS back
             FROM movement m JOIN stock_item i ON i.id = m.item_id
             WHERE m.batch IS NOT NULL AND m.moved_at >= ?
             GROUP BY week, film ORDER BY week, film",
            [$since],
        );

        return array_map(
            fn (array $row): array => [
                'week' => $row['week'],
                'film' => $this->shelf->filmNumbered((int) $row['film'])?->name() ?? '',
                'off' => round(abs((float) $row['off']) / 1e12, 3),
                'back' => round(abs((float) $row['back']) / 1e12, 3),
            ],
            $rows,
        );
    }

    /** @return list<Delivered> orders by how many days before they were used they were handed over; late below 0 */
    public function delivered(): array
    {
        /** @var list<array{days: int|string, count: int|string}> $rows */
        $rows = $this->database->fetchAllAssociative(
            'SELECT DATEDIFF(needed, given) AS days, COUNT(*) AS count FROM (
                 SELECT d.needed_at AS needed, MAX(p.since) AS given FROM docket d JOIN piece p ON p.docket_id = d.id
                 WHERE d.needed_at >= ? AND p.state <> ?
                 GROUP BY d.id HAVING SUM(p.state <> ?) = 0
             ) AS orders GROUP BY days ORDER BY days',
            [
                $this->clock->now()->modify('-'.self::WEEKS.' weeks')->format('Y-m-d'),
                PieceState::Withdrawn->value,
                PieceState::Delivered->value,
            ],
        );

        return array_map(
            static fn (array $row): array => ['days' => (int) $row['days'], 'count' => (int) $row['count']],
            $rows,
        );
    }

    /** @return list<Minutes> of the last pieces of work that were timed, by the handbook and as it was */
    public function minutes(): array
    {
        $rules = $this->rules->own();

        return array_map(
            static function (TimedWork $one) use ($rules): array {
                $entry = $one->entry();

                return [
                    'station' => $entry->station->value,
                    'told' => round($entry->station->minutes($entry, $rules), 2),
                    'took' => round((float) $entry->minutes, 2),
                ];
            },
            $this->records->getRepository(TimedWork::class)->findBy([], ['id' => 'DESC'], self::MOST),
        );
    }

    /** @return list<Worth> what lies on the shelf of each film, in minor units, and since when the oldest of it */
    public function shelf(): array
    {
        $usual = 100 * $this->rules->current()->value(Rule::FilmPrice);
        $since = $this->since();
        $worth = array_map(
            fn (FilmOnShelf $film): array => [
                'film' => $film->name(),
                'area' => round($this->shelf->amount($film) / 1e6, 3),
                'worth' => (int) round(($this->shelf->amount($film) / 1e6) * ($film->price() ?? $usual)),
                'since' => $since[$film->id()] ?? null,
            ],
            $this->shelf->films(),
        );
        usort($worth, static fn (array $a, array $b): int => $b['worth'] <=> $a['worth']);

        return array_values(array_filter($worth, static fn (array $one): bool => $one['area'] > 0));
    }

    /** @return array<int, string> a day by film */
    private function since(): array
    {
        /** @var array<int, string> $since */
        $since = $this->database->fetchAllKeyValue(
            'SELECT i.film_id, DATE(MIN(m.moved_at)) FROM stock_item i JOIN movement m ON m.item_id = i.id
             WHERE i.count > 0 GROUP BY i.film_id',
        );

        return $since;
    }
}
