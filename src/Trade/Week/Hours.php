<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

use Yelbo\Trade\Refused;

/**
 * When a shop is open: stretches of hours by the day of the week, less the days it is closed. Source: handbook
 * section 16.
 */
final readonly class Hours
{
    /** Days looked ahead at the most. */
    private const DAYS = 3650;

    /**
     * @param list<array{int, int, int}> $stretches day of the week (1 is Monday), from, to, minutes of the day
     * @param list<string>               $closed    days, 2026-12-25
     * @param list<array{string, int, int}> $extra  on one day alone, from, to, minutes of the day; on closed days too
     *
     * @throws Refused where two stretches of a day lie over each other
     */
    public function __construct(private array $stretches, private array $closed = [], private array $extra = [])
    {
        foreach ($stretches as $nth => [$day, $from, $to]) {
            foreach ($stretches as $other => [$otherDay, $otherFrom, $otherTo]) {
                if ($other < $nth && $otherDay === $day && $from < $otherTo && $otherFrom < $to) {
                    throw new Refused('overlap', 'Two stretches of one day lie over each other.', "/$nth");
                }
            }
        }
    }

    /** These hours, and longer on one day. @param int $from minutes of the day @param int $to minutes of the day */
    public function with(string $day, int $from, int $to): self
    {
        return new self($this->stretches, $this->closed, [...$this->extra, [$day, $from, $to]]);
    }

    /** The longest of them, s. */
    public function longest(): int
    {
        return 60 *
            max([
                0,
                ...array_map(static fn (array $one): int => $one[2] - $one[1], [...$this->stretches, ...$this->extra]),
            ]);
    }

    /**
     * The stretches from a moment on, until they hold so much work.
     *
     * @param int $work s
     *
     * @return list<array{int, int}> from and to, s since the moment
     *
     * @throws Refused where it is hardly ever open
     */
    public function from(\DateTimeImmutable $now, int $work): array
    {
        $stretches = [];
        $held = 0;
        $midnight = $now->setTime(0, 0);
        for ($day = 0; $held < $work; ++$day) {
            if ($day > self::DAYS) {
                throw new Refused('closed', 'There are not hours enough in ten years for all of this.');
            }
            $date = $midnight->modify("+$day days");
            $since = $date->getTimestamp() - $now->getTimestamp();
            foreach ($this->on($date) as [$from, $to]) {
                $start = max(0, $since + 60 * $from);
                $end = $since + 60 * $to;
                if ($end > $start) {
                    $stretches[] = [$start, $end];
                    $held += $end - $start;
                }
            }
        }

        return $stretches;
    }

    /**
     * The stretches of a day.
     *
     * @return list<array{int, int}> from and to in the order of the day, minutes of the day
     */
    public function on(\DateTimeImmutable $date): array
    {
        [$day, $number] = [$date->format('Y-m-d'), (int) $date->format('N')];
        $those = \in_array($day, $this->closed, true)
            ? []
            : array_filter($this->stretches, static fn (array $one): bool => $one[0] === $number);
        $extra = array_filter($this->extra, static fn (array $one): bool => $one[0] === $day);
        $all = array_map(static fn (array $one): array => [$one[1], $one[2]], [...$those, ...$extra]);
        sort($all);
        $joined = [];
        foreach ($all as [$from, $to]) {
            $last = array_pop($joined);
            if (null !== $last && $from <= $last[1]) {
                $joined[] = [$last[0], max($last[1], $to)];
                continue;
            }
            array_push($joined, ...null === $last ? [] : [$last], ...[[$from, $to]]);
        }

        return $joined;
    }
}
