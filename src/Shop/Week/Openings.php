<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\People\Worker;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Week\FreeGaps;
use Yelbo\Trade\Week\Hours;

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
     * @param list<Worker> $hands
     */
    private function __construct(public \DateTimeImmutable $now, public array $hours, private array $hands)
    {
    }

    /** Read once, for as many questions as there are. */
    public static function of(Calendar $calendar, \DateTimeImmutable $now): self
    {
        $hands = $calendar->hands();

        return new self(
            $now,
            array_map($calendar->hours(...), $hands),
            $hands,
        );
    }

    /** @return list<int> who is put down for the work of a station, by their places; everybody where nobody is */
    public function able(Station $station): array
    {
        return self::among($this->hands, $station);
    }

    /**
     * @param list<Worker> $hands
     *
     * @return list<int> who of them is put down for the work of a station, by their places; everybody where nobody is
     */
    public static function among(array $hands, Station $station): array
    {
        $able = array_keys(
            array_filter($hands, static fn (Worker $hand): bool => $hand->isFor($station->value)),
        );

        return [] === $able ? array_keys($hands) : $able;
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
                : FreeGaps::less($hours->from($this->now, $work + $ahead), $busy[$this->hands[$nth]->id()] ?? []);
        }
        if ([] === array_filter($hands)) {
            throw new Refused('closed', 'It is never open: there are no hours to work in.');
        }

        return ['hands' => $hands, 'machine' => FreeGaps::less([[0, self::FOR_EVER]], $machine)];
    }

    private function since(string $moment): int
    {
        return (new \DateTimeImmutable($moment))->getTimestamp() - $this->now->getTimestamp();
    }
}
