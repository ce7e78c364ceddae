<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\People\Worker;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Timetable;

/**
 * When each hand works from a moment on, and what a plan leaves free of it.
 *
 * @phpstan-import-type Entry from WeekBoard
 */
final readonly class Openings
{
    private const FOR_EVER = 4_000_000_000;

    /**
     * @param list<Hours> $hours of each hand
     * @param list<int>   $ids   their numbers
     */
    private function __construct(public \DateTimeImmutable $now, public array $hours, private array $ids)
    {
    }

    /** Read once, for as many questions as there are. */
    public static function of(Calendar $calendar, \DateTimeImmutable $now): self
    {
        $hands = $calendar->hands();

        return new self(
            $now,
            array_map($calendar->hours(...), $hands),
            array_map(static fn (Worker $hand): int => $hand->id(), $hands),
        );
    }

    /**
     * What a plan leaves free, s since now.
     *
     * @param list<Entry> $entries
     * @param int         $ahead   s of open hours looked ahead behind what is planned
     *
     * @return array{hands: list<list<array{int, int}>>, machine: list<array{int, int}>}
     *
     * @throws Refused where it is never open
     */
    public function less(array $entries, int $ahead): array
    {
        $busy = [];
        $machine = [];
        $work = 0;
        foreach ($entries as $entry) {
            $stretch = [$this->since($entry['from']), $this->since($entry['to'])];
            $busy[$entry['hand']][] = $stretch;
            $work += $stretch[1] - $stretch[0];
            if ($entry['machine']) {
                $machine[] = $stretch;
            }
        }
        $hands = [];
        foreach ($this->hours as $nth => $hours) {
            $hands[] = 0 === $hours->longest()
                ? []
                : Timetable::less($hours->from($this->now, $work + $ahead), $busy[$this->ids[$nth]] ?? []);
        }
        if ([] === array_filter($hands)) {
            throw new Refused('closed', 'It is never open: there are no hours to work in.');
        }

        return ['hands' => $hands, 'machine' => Timetable::less([[0, self::FOR_EVER]], $machine)];
    }

    private function since(string $moment): int
    {
        return (new \DateTimeImmutable($moment))->getTimestamp() - $this->now->getTimestamp();
    }
}
