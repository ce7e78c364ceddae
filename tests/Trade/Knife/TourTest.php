<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Knife;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Knife\Tour;

final class TourTest extends TestCase
{
    /** @return list<list<array{int, int}>> small squares at random spots */
    private function rings(int $count): array
    {
        mt_srand(9);
        $rings = [];
        for ($nth = 0; $nth < $count; ++$nth) {
            [$x, $y] = [mt_rand(0, 290_000), mt_rand(0, 590_000)];
            $rings[] = [[$x, $y], [$x + 5000, $y], [$x + 5000, $y + 5000], [$x, $y + 5000]];
        }

        return $rings;
    }

    public function testEveryContourIsCutOnceFromOneOfItsCornersAndImprovingShortensTheWay(): void
    {
        $rings = $this->rings(120);
        $tour = new Tour($rings, array_fill(0, 120, []));
        $before = $tour->length();
        $tour->improve();
        self::assertLessThan(0.95 * $before, $tour->length());
        $way = $tour->way();
        $order = array_column($way, 0);
        sort($order);
        self::assertSame(range(0, 119), $order);
        foreach ($way as [$contour, $at]) {
            self::assertContains($at, $rings[$contour]);
        }
    }

    public function testWhatMustComeBeforeStaysBeforeHoweverMuchIsTried(): void
    {
        $holders = array_fill(0, 60, []);
        for ($nth = 0; $nth < 55; $nth += 3) {
            $holders[$nth] = [$nth + 1, $nth + 4];
        }
        $tour = new Tour($this->rings(60), array_values($holders));
        $tour->improve();
        $length = $tour->length();
        $random = new Randomizer(new Mt19937(3));
        for ($times = 0; $times < 200; ++$times) {
            $tour->shake($random);
        }
        self::assertLessThanOrEqual($length, $tour->length());
        $place = array_flip(array_column($tour->way(), 0));
        self::assertCount(60, $place);
        foreach ($holders as $contour => $of) {
            foreach ($of as $holder) {
                self::assertLessThan($place[$holder], $place[$contour]);
            }
        }
    }

    public function testNothingAndOneContour(): void
    {
        $none = new Tour([], []);
        $none->improve();
        self::assertSame([], $none->way());
        $one = new Tour([[[5, 5], [9, 5], [9, 9]]], [[]]);
        $one->improve();
        self::assertSame([[0, [5, 5]]], $one->way());
    }
}
