<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Time;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Time\Duration;

/** A wait is told the same wherever it stands. */
final class DurationTest extends TestCase
{
    public function testMinutesHoursAndDays(): void
    {
        self::assertSame(
            ['20 min', '119 min', '2 h', '72 h', '120 h', '28 days'],
            array_map(Duration::inWords(...), [20, 119, 120, 72 * 60, 5 * 1440, 28 * 1440]),
        );
    }

    /** Whoever reads it back is never off by more than half of what it is told in. */
    public function testNothingIsRoundedFarOff(): void
    {
        foreach (range(1, 60_000, 7) as $minutes) {
            self::assertSame(1, preg_match('~^(\d+) (min|h|days)$~', Duration::inWords($minutes), $found));
            $unit = ['min' => 1, 'h' => 60, 'days' => 1440][$found[2]];
            self::assertLessThanOrEqual($unit / 2, abs((int) $found[1] * $unit - $minutes));
        }
    }
}
