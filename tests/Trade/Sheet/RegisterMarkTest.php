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
            $joined = $layers[2]->box();
            $marks = [];
            foreach ($layers as $layer) {
                $marked = RegisterMark::beside($layer, $joined);
                self::assertEqualsWithDelta(
                    $layer->area(),
                    Geos::intersection($marked, $joined->region())->area(),
                    0.01,
                    'the art is as it was',
                );
                $beside = array_values(
                    array_filter(
                        $marked->pieces(),
                        static fn (Region $piece): bool => !$joined->overlaps($piece->box()),
                    ),
                );
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

    public function testAMarkIsACircleWithACross(): void
    {
        $mark = RegisterMark::at(0, 0);
        self::assertCount(1, $mark->pieces());
        self::assertSame(4, $mark->holes());
    }
}
