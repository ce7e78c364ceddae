<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Remnant;

final class RemnantTest extends TestCase
{
    private function square(int $left, int $top, int $width, int $height): Region
    {
        return Box::sized($width * 1000, $height * 1000)
            ->moved($left * 1000, $top * 1000)
            ->region();
    }

    public function testTheRestIsTrimmedSquareBelowWhatWasCut(): void
    {
        $rest = Remnant::ofSheet($this->square(0, 0, 300, 600), [$this->square(2, 2, 290, 100)], 3000, 60_000);
        self::assertSame(
            [0, 105_000, 300_000, 600_000],
            [
                $rest->square?->box()->left,
                $rest->square?->box()->top,
                $rest->square?->box()->right,
                $rest->square?->box()->bottom,
            ],
        );
        self::assertNull($rest->odd, 'it holds no more than the square');
    }

    public function testAnOddRestIsKeptWhereItHoldsAGoodDealMore(): void
    {
        $sheet = $this->square(0, 0, 300, 300);
        $cut = [$this->square(2, 2, 120, 140)];
        $rest = Remnant::ofSheet($sheet, $cut, 3000, 60_000);
        self::assertNotNull($rest->odd);
        self::assertGreaterThan(1.25 * ($rest->square?->area() ?? 0), $rest->odd->area());
        foreach ([$rest->odd, $rest->square] as $kept) {
            self::assertNotNull($kept);
            self::assertTrue(Geos::covers($sheet, $kept));
            self::assertGreaterThanOrEqual(2999.0, Geos::distance($kept, $cut[0]));
        }
    }

    public function testNothingWorthKeepingAndNothingCut(): void
    {
        $rest = Remnant::ofSheet($this->square(0, 0, 300, 150), [$this->square(2, 2, 290, 100)], 3000, 60_000);
        self::assertNull($rest->square);
        self::assertNull($rest->odd);
        self::assertNull(
            Remnant::ofSheet($this->square(0, 0, 20, 20), [$this->square(2, 2, 16, 16)], 3000, 60_000)->square,
        );
        self::assertSame(45_000.0, Remnant::ofSheet($this->square(0, 0, 300, 150), [], 3000, 60_000)->square?->area());
    }

    public function testAnOffcutThatWasOddAlreadyGivesAnOddRest(): void
    {
        $offcut = SvgPath::read('M0 0H240V150H120V300H0Z');
        $rest = Remnant::ofSheet($offcut, [$this->square(2, 2, 60, 60)], 3000, 60_000);
        self::assertNotNull($rest->square);
        self::assertTrue(Geos::covers($offcut, $rest->square));
        self::assertNotNull($rest->odd);
        self::assertTrue(Geos::covers($offcut, $rest->odd));
    }
}
