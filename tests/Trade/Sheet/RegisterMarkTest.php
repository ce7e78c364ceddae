<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Sheet\RegisterMark;

/** Register marks lie at the same place in every layer, beside the art, and take nothing of it. */
final class RegisterMarkTest extends TestCase
{
    public function testLayersOfAnyShapeHaveTheirMarksAtTheSamePlace(): void
    {
        $typesetter = Lettering::typesetter();
        foreach (['Ada', 'Heron', 'Mary-Anne Penhallow'] as $words) {
            $letters = $typesetter->top(Lettering::words('pacifico', $words), 23_457);
            $layers = [$letters, Geos::grow($letters, 1_300), Geos::grow($letters, 4_150)];
            $marks = [];
            foreach ($layers as $layer) {
                $marked = RegisterMark::beside($layer, $layers);
                $rest = Geos::difference($marked, $layer);
                self::assertEqualsWithDelta(
                    $layer->area(),
                    $marked->area() - $rest->area(),
                    0.01,
                    'the art is as it was',
                );
                $beside = $rest->pieces();
                usort($beside, static fn (Region $a, Region $b): int => $a->box()->left <=> $b->box()->left);
                self::assertCount(2, $beside);
                $marks[] = array_map(static fn (Region $mark): Box => $mark->box(), $beside);
            }
            foreach ($marks as $one) {
                foreach ([0, 1] as $side) {
                    foreach (['left', 'top', 'right', 'bottom'] as $edge) {
                        self::assertEqualsWithDelta($marks[0][$side]->{$edge}, $one[$side]->{$edge}, 20, "$words, µm");
                    }
                }
            }
        }
    }

    public function testMarksLieNearWhatTheLayersHaveInCommonAndInTheWasteOfAll(): void
    {
        $words = (new Box(200_000, 50_000, 400_000, 120_000))->region();
        $below = Geos::union([
            (new Box(197_000, 47_000, 403_000, 123_000))->region(),
            (new Box(0, 55_000, 60_000, 115_000))->region(),
            (new Box(540_000, 55_000, 600_000, 115_000))->region(),
        ]);
        foreach ([[$words, $below], [$below, $words]] as $layers) {
            $places = RegisterMark::places($layers);
            self::assertCount(2, $places);
            foreach ($places as [$x, $y]) {
                self::assertLessThan(20_000, min(abs($x - 200_000), abs($x - 400_000)), 'beside the words');
                foreach ($layers as $layer) {
                    self::assertLessThan(1.0, Geos::intersection(RegisterMark::at($x, $y), $layer)->area());
                }
            }
        }
        $wide = (new Box(0, 0, 300_000, 140_000))->region();
        [[$left], [$right]] = RegisterMark::places([$wide, (new Box(100_000, 60_000, 200_000, 80_000))->region()]);
        self::assertTrue($left < 0 && $right > 300_000, 'beyond all of them where they are covered');
    }

    public function testAMarkIsACircleWithACross(): void
    {
        $mark = RegisterMark::at(0, 0);
        self::assertCount(1, $mark->pieces());
        self::assertSame(4, $mark->holes());
    }
}
