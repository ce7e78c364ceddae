<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Ring;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Over random objects of every kind, with random parts to keep clear of, and random words. */
final class SurfacePropertiesTest extends TestCase
{
    private const WORDS = ['Ada', 'Marigold', 'fjord', 'No. 7', 'Zoë & Hal', 'Qy', 'W', '1925', 'Ploughboy'];

    private function surface(int $kind): Surface
    {
        $mm = static fn (int $from, int $to): Length => Length::micrometres(mt_rand(1000 * $from, 1000 * $to));
        $size = static fn (): Size => new Size($mm(60, 300), $mm(50, 250));
        $inner = $mm(20, 60);
        $narrow = $mm(150, 700);

        return match ($kind) {
            0 => new Rectangle($size(), Length::millimetres(mt_rand(0, 20))),
            1 => new Polygon($size(), mt_rand(3, 9)),
            2 => new Ring(new Size($inner, $inner), new Size($inner->plus($mm(40, 120)), $inner->plus($mm(40, 120)))),
            3 => new Cylinder($mm(120, 600), $mm(40, 200), 0 === mt_rand(0, 1) ? null : (float) mt_rand(60, 180)),
            4 => new Taper(
                $narrow->plus($mm(5, 90)),
                $narrow,
                $mm(60, 300),
                0 === mt_rand(0, 1),
                0 === mt_rand(0, 1) ? null : (float) mt_rand(60, 180),
            ),
            5 => new Ball($mm(80, 400)),
            default => new OddShape(
                Geos::union(
                    array_map(
                        static fn (): Region => ConvexArea::ellipse(
                            mt_rand(40_000, 160_000),
                            mt_rand(40_000, 120_000),
                            mt_rand(30_000, 70_000),
                            mt_rand(25_000, 60_000),
                        )->region(),
                        range(1, 3),
                    ),
                ),
            ),
        };
    }

    private function kept(Surface $surface): Surface
    {
        $wall = $surface->wall();
        $parts = [];
        for ($i = mt_rand(0, 2); $i > 0; --$i) {
            $parts[] = ConvexArea::ellipse(
                mt_rand(0, $wall->width->micrometres),
                mt_rand(0, $wall->height->micrometres),
                mt_rand(2000, 9000),
                mt_rand(2000, 9000),
            )->region();
        }

        return [] === $parts ? $surface : new SurfaceLessKeepOuts($surface, $surface->laid(Geos::union($parts)));
    }

    public function testAlwaysInsideNeverMirroredAndTheSameTwice(): void
    {
        mt_srand(2511);
        $faces = ['oswald', 'pacifico', 'rubik', 'cinzel', 'graduate'];
        $fitted = 0;
        for ($i = 0; $i < 21; ++$i) {
            $surface = $this->kept($this->surface($i % 7));
            $words = Words::set(
                Lettering::faces()->named($faces[mt_rand(0, 4)]),
                [self::WORDS[mt_rand(0, \count(self::WORDS) - 1)]],
                new Setting(0 === mt_rand(0, 3) ? Arrangement::ArcUp : Arrangement::Line),
            );
            $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
            try {
                $fit = $fitting->fit($surface, $words);
            } catch (Refused $refused) {
                self::assertContains($refused->reason, ['no-room', 'words-too-long']);
                continue;
            }
            ++$fitted;
            $what = "case $i, ".$surface::class;
            self::assertTrue($fit->inside, $what);
            $art = $fit->artwork->top()->moved(...$fit->at);
            self::assertLessThan(0.05, Geos::difference($art, Geos::grow($fit->safe, 3))->area(), $what);
            if ($surface instanceof SurfaceLessKeepOuts) {
                self::assertLessThan(0.05, Geos::intersection($art, $surface->keepOuts)->area(), $what);
            }
            $plain = Lettering::typesetter()->top($words, $fit->capHeight);
            self::assertSame(
                [\count($plain->polygons), $plain->holes()],
                [\count($art->polygons), $art->holes()],
                $what,
            );
            if (!$fit->bent) {
                self::assertEqualsWithDelta(
                    $plain->area(),
                    Geos::intersection(
                        $plain->moved(-$plain->box()->left, -$plain->box()->top),
                        $fit->artwork->top(),
                    )->area(),
                    0.01 * $plain->area(),
                    "$what: the same way round",
                );
            }
            if (0 === $i % 6) {
                $fresh = new Fitting(
                    new Typesetter(Lettering::faces(), new HarfBuzz(), new InMemoryCache()),
                    Rules::standard(),
                );
                self::assertEquals($fit, $fresh->fit($surface, $words), $what);
            }
        }
        self::assertGreaterThan(13, $fitted);
    }
}
