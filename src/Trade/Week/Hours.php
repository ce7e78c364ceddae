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
     *
     * @throws Refused where two stretches of a day lie over each other
     */
    public function __construct(private array $stretches, private array $closed = [])
    {
        foreach ($stretches as $nth => [$day, $from, $to]) {
            foreach ($stretches as $other => [$otherDay, $otherFrom, $otherTo]) {
                if ($other < $nth && $otherDay === $day && $from < $otherTo && $otherFrom < $to) {
                    throw new Refused('overlap', 'Two stretches of one day lie over each other.', "/$nth");
                }
            }
        }
    }

    /** The longest of them, s. */
    public function longest(): int
    {
        return 60 * max([0, ...array_map(static fn (array $one): int => $one[2] - $one[1], $this->stretches)]);
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
            if (\in_array($date->format('Y-m-d'), $this->closed, true)) {
                continue;
            }
            $since = $date->getTimestamp() - $now->getTimestamp();
            foreach ($this->onDay((int) $date->format('N')) as [$from, $to]) {
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

    /** @return list<array{int, int}> in the order of the day, minutes */
    private function onDay(int $day): array
    {
        $those = array_map(
            static fn (array $one): array => [$one[1], $one[2]],
            array_filter($this->stretches, static fn (array $one): bool => $one[0] === $day),
        );
        sort($those);

        return $those;
    }
}
