<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Sheet\FilmEstimate;
use Yelbo\Trade\Sheet\FilmSheet;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;

/** Film told before any plan is made. */
final class FilmEstimateTest extends TestCase
{
    public function testWhatIsToldHoldsAgainstAPlan(): void
    {
        mt_srand(41);
        for ($nth = 0; $nth < 12; ++$nth) {
            $boxes = $pieces = [];
            foreach (range(0, mt_rand(0, 4)) as $kind) {
                $box = Box::sized(1000 * mt_rand(30, 140), 1000 * mt_rand(10, 60));
                $count = mt_rand(1, 9);
                $boxes[] = [$box, $count];
                $pieces[] = new NestPiece("p$kind", $box->region(), $count, null, 'one order');
            }
            $told = FilmEstimate::of($boxes, [new FilmSheet(296_000, 3_000_000, 2000)], 3000, 0.0, true);
            $plan = (new Nest(new Gaps(3000, 8000, 2000), [0, 90]))->plan(
                [NestStock::sheet('roll', 296_000, 3_000_000, 1, null, true)],
                $pieces,
            );
            $taken = 0.296 * $plan->sheets[0]->length;
            self::assertGreaterThan($told->area * (1 - $told->doubt) * 0.85, $taken, "try $nth");
            self::assertLessThan($told->area * (1 + $told->doubt) * 1.15, $taken, "try $nth");
        }
    }

    /** @return non-empty-list<FilmSheet> */
    private static function roll(): array
    {
        return [new FilmSheet(296_000, 3_000_000, 2000)];
    }

    public function testMoreOfItNeverTakesLess(): void
    {
        $box = Box::sized(80_000, 30_000);
        $last = 0.0;
        foreach ([1, 2, 3, 4, 9, 40] as $count) {
            $told = FilmEstimate::of([[$box, $count]], self::roll(), 3000, 0.04, true);
            self::assertGreaterThanOrEqual($last, $told->area);
            self::assertGreaterThanOrEqual(0.05, $told->doubt);
            $last = $told->area;
        }
        $plain = FilmEstimate::of([[$box, 9]], self::roll(), 3000, 0.0, true)->area;
        self::assertEqualsWithDelta(1.04 * $plain, FilmEstimate::of([[$box, 9]], self::roll(), 3000, 0.04, true)->area, 1e-6);
        self::assertGreaterThan(0, FilmEstimate::of([[Box::sized(900_000, 500_000), 1]], self::roll(), 3000, 0.0, false)->area);
    }

    /** The first film that holds all of it is taken, as a plan takes it; what none holds is cut in panels. */
    public function testFilmIsTakenInItsOrder(): void
    {
        $sheet = new FilmSheet(300_000, 600_000, 2000);
        $roll = new FilmSheet(600_000, 5_000_000, 2000);
        $decal = [[Box::sized(350_000, 120_000), 1]];
        $of = static fn (FilmSheet ...$films): float => FilmEstimate::of($decal, array_values($films) ?: [$sheet], 3000, 0.0, true)->area;
        self::assertEqualsWithDelta(0.98 * 300 * 354, $of($sheet, $roll), 1.0, 'turned, over the whole width of the sheet');
        self::assertEqualsWithDelta(0.98 * 600 * 124, $of($roll, $sheet), 1.0, 'lying on the roll');
        $sign = FilmEstimate::of([[Box::sized(1_180_000, 290_000), 1]], [$sheet], 3000, 0.0, true)->area;
        self::assertEqualsWithDelta(0.98 * 2 * 300 * 594, $sign, 2000.0, 'two panels on two sheets');
    }
}
