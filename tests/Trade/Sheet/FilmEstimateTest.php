<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Sheet\FilmEstimate;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Parts;

/** Film told before any plan is made. */
final class FilmEstimateTest extends TestCase
{
    private const TURNS = [0, 90, 180, 270];

    public function testWhatIsToldIsWhatAPlanTakesAtFirstSight(): void
    {
        mt_srand(41);
        for ($nth = 0; $nth < 7; ++$nth) {
            $decals = $pieces = [];
            foreach (range(0, mt_rand(0, 4)) as $kind) {
                $region = self::corner(1000 * mt_rand(30, 140), 1000 * mt_rand(20, 60));
                $count = mt_rand(1, 12);
                $decals[] = [$region, $count];
                $pieces[] = new NestPiece("p$kind", $region, $count, null, 'one order');
            }
            $told = FilmEstimate::of($decals, [self::roll()], self::gaps(), self::TURNS, 0.0);
            // All are laid by their outlines, however many.
            $tries = -2 * array_sum(array_column($decals, 1));
            $plan = (new Nest(self::gaps(), self::TURNS))->plan(
                [self::roll()],
                $pieces,
                static function () use (&$tries): bool {
                    return ++$tries < 3;
                },
            );
            $taken = 0.0;
            foreach ($plan->sheets as $sheet) {
                $taken += 0.296 * $sheet->length;
            }
            $few = array_sum(array_column($decals, 1)) <= 24;
            self::assertEqualsWithDelta(1.0, $told->area / $taken, $few ? 0.1 : 0.25, "try $nth");
        }
    }

    public function testWhatInterlocksTakesLessThanItsBoxes(): void
    {
        // Two halves of a square beside each other, corner in corner.
        $decals = [[self::corner(200_000, 200_000), 4]];
        $told = FilmEstimate::of($decals, [self::roll()], self::gaps(), self::TURNS, 0.0);
        $boxes = FilmEstimate::inRows([[Box::sized(200_000, 200_000), 4]], [self::roll()], self::gaps(), self::TURNS);
        self::assertLessThan(0.8 * $boxes, $told->area);
    }

    public function testMoreOfItNeverTakesLess(): void
    {
        $last = 0.0;
        foreach ([1, 2, 3, 4, 9, 24, 25, 40, 200] as $count) {
            $told = self::of(Box::sized(80_000, 30_000), $count, 0.04);
            self::assertGreaterThanOrEqual($last, $told->area, "$count of it");
            self::assertGreaterThanOrEqual(0.05, $told->doubt);
            $last = $told->area;
        }
        self::assertEqualsWithDelta(
            1.04 * self::of(Box::sized(80_000, 30_000), 9)->area,
            self::of(Box::sized(80_000, 30_000), 9, 0.04)->area,
            1e-6,
        );
        self::assertGreaterThan(0, self::of(Box::sized(900_000, 500_000), 1)->area);
    }

    /**
     * Of the film that holds it the one that takes least is taken; what none holds is cut in panels, and they are laid.
     */
    public function testFilmIsTakenAsAPlanTakesIt(): void
    {
        $sheet = NestStock::sheet('sheet', 300_000, 600_000, 9);
        $roll = NestStock::sheet('roll', 600_000, 5_000_000, 9, null, true);
        $of = static fn (Box $box, NestStock ...$stock): float => FilmEstimate::of(
            [[$box->region(), 1]],
            array_values($stock) ?: [$sheet],
            self::gaps(),
            self::TURNS,
            0.0,
        )->area;
        $decal = Box::sized(350_000, 120_000);
        self::assertEqualsWithDelta(300 * 352, $of($decal, $sheet), 1.0, 'turned, over the whole width of the sheet');
        self::assertEqualsWithDelta(600 * 122, $of($decal, $sheet, $roll), 1.0, 'lying on the roll');
        $sign = Box::sized(1_180_000, 290_000)->region();
        $panels = Parts::forMachine($sign, 296_000, 596_000, 3000);
        self::assertGreaterThan(1, \count($panels));
        $told = FilmEstimate::of(
            array_map(static fn (Region $panel): array => [$panel, 1], $panels),
            [$sheet],
            self::gaps(),
            self::TURNS,
            0.0,
        )->area;
        $film = array_sum(array_map(static fn (Region $panel): float => $panel->area(), $panels));
        self::assertGreaterThan($film, $told);
        $boxes = array_map(static fn (Region $panel): array => [$panel->box(), 1], $panels);
        $rows = FilmEstimate::inRows($boxes, [$sheet], self::gaps(), self::TURNS);
        self::assertLessThanOrEqual($rows, $told, 'panels are laid like anything else');
    }

    private static function of(Box $box, int $count, float $recut = 0.0): FilmEstimate
    {
        return FilmEstimate::of(
            [[$box->region(), $count]],
            [self::roll()],
            self::gaps(),
            self::TURNS,
            $recut,
        );
    }

    /** The half of a box below its diagonal, µm. */
    private static function corner(int $width, int $height): Region
    {
        return new Region([[[[0, 0], [$width, $height], [0, $height]]]]);
    }

    private static function roll(): NestStock
    {
        return NestStock::sheet('roll', 296_000, 3_000_000, 9, null, true);
    }

    private static function gaps(): Gaps
    {
        return new Gaps(3000, 8000, 2000);
    }
}
