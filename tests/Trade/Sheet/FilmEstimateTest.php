<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Sheet\FilmEstimate;
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
            $told = FilmEstimate::of($boxes, 292_000, 3000, 0.0, true);
            $plan = (new Nest(new Gaps(3000, 8000, 2000), [0, 90]))->plan(
                [NestStock::sheet('roll', 296_000, 3_000_000, 1, null, true)],
                $pieces,
            );
            $taken = 0.296 * $plan->sheets[0]->length;
            self::assertGreaterThan($told->area * (1 - $told->doubt) * 0.85, $taken, "try $nth");
            self::assertLessThan($told->area * (1 + $told->doubt) * 1.15, $taken, "try $nth");
        }
    }

    public function testMoreOfItNeverTakesLess(): void
    {
        $box = Box::sized(80_000, 30_000);
        $last = 0.0;
        foreach ([1, 2, 3, 4, 9, 40] as $count) {
            $told = FilmEstimate::of([[$box, $count]], 292_000, 3000, 0.04, true);
            self::assertGreaterThan($last, $told->area);
            self::assertGreaterThanOrEqual(0.05, $told->doubt);
            $last = $told->area;
        }
        $plain = FilmEstimate::of([[$box, 9]], 292_000, 3000, 0.0, true)->area;
        self::assertEqualsWithDelta(1.04 * $plain, FilmEstimate::of([[$box, 9]], 292_000, 3000, 0.04, true)->area, 1e-6);
        self::assertGreaterThan(0, FilmEstimate::of([[Box::sized(900_000, 500_000), 1]], 292_000, 3000, 0.0, false)->area);
    }
}
