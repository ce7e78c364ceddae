<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Trace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\ArtworkTracer;
use Yelbo\Trade\Trace\FlatArtwork;
use Yelbo\Trade\Trace\Potrace;

/** Flat artwork comes back as the outlines it was made from; a photograph does not come back at all. */
final class ArtworkTracerTest extends TestCase
{
    private const SIDE = 1000;

    /**
     * A picture of outlines in thousandths of a pixel, drawn with soft edges.
     *
     * @param array<int, Region> $shapes by 0xRRGGBB, one over the other
     *
     * @return list<int>
     */
    private static function drawn(array $shapes, int $ground): array
    {
        $times = 4;
        $large = imagecreatetruecolor($times * self::SIDE, $times * self::SIDE);
        imagefill($large, 0, 0, $ground);
        foreach ($shapes as $colour => $region) {
            foreach ($region->polygons as $polygon) {
                foreach ($polygon as $nth => $ring) {
                    $points = [];
                    foreach ($ring as [$x, $y]) {
                        $points[] = (int) round(($times * $x) / 1000);
                        $points[] = (int) round(($times * $y) / 1000);
                    }
                    imagefilledpolygon($large, $points, 0 === $nth ? $colour : $ground);
                }
            }
        }
        $small = imagecreatetruecolor(self::SIDE, self::SIDE);
        imagecopyresampled(
            $small,
            $large,
            0,
            0,
            0,
            0,
            self::SIDE,
            self::SIDE,
            $times * self::SIDE,
            $times * self::SIDE,
        );
        $pixels = [];
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $pixels[] = imagecolorat($small, $x, $y) & 0xFFFFFF;
            }
        }

        return $pixels;
    }

    private static function common(Region $one, Region $other): float
    {
        return Geos::intersection($one, $other)->area() / max(1e-9, Geos::union([$one, $other])->area());
    }

    /** @return iterable<string, array{array<int, Region>, int}> */
    public static function logos(): iterable
    {
        $word = static function (string $face, string $text): Region {
            $top = Lettering::typesetter()->top(Lettering::words($face, $text), 300_000);
            $box = $top->box();
            $scale = 900_000 / max($box->width(), $box->height());

            return $top->put($scale, 50_000 - $scale * $box->left, 300_000 - $scale * $box->top);
        };
        $disc = ConvexArea::ellipse(500_000, 500_000, 400_000, 400_000)->region();
        $ring = Geos::difference($disc, ConvexArea::ellipse(500_000, 500_000, 330_000, 330_000)->region());
        yield 'a bold word' => [[0x202020 => $word('anton', 'Heron')], 0xFFFFFF];
        yield 'a script' => [[0x1B2F57 => $word('pacifico', 'Kestrel')], 0xF4F1E6];
        yield 'a ring in red on cream' => [[0xA02020 => $ring], 0xF0E3C2];
        yield 'two colours side by side' => [
            [
                0xD9A322 => (new Box(100_000, 200_000, 480_000, 800_000))->region(),
                0x1B2F57 => ConvexArea::ellipse(720_000, 500_000, 180_000, 260_000)->region(),
            ],
            0xFFFFFF,
        ];
        yield 'two that touch, and the mixture is a third' => [
            [
                0x000000 => (new Box(100_000, 100_000, 500_000, 900_000))->region(),
                0x808080 => (new Box(700_000, 100_000, 900_000, 900_000))->region(),
                0xFFD000 => (new Box(500_000, 100_000, 700_000, 900_000))->region(),
            ],
            0xFFFFFF,
        ];
    }

    /** @param array<int, Region> $shapes */
    #[DataProvider('logos')]
    public function testItComesBackAsTheOutlinesItWasMadeFrom(array $shapes, int $ground): void
    {
        $artwork = FlatArtwork::of(self::SIDE, self::SIDE, self::drawn($shapes, $ground));
        $layers = (new ArtworkTracer(new Potrace()))->trace($artwork, 8, 1.0);
        self::assertCount(\count($shapes), $layers, implode(' ', array_keys($layers)));
        foreach ($shapes as $colour => $region) {
            $traced = $layers[\sprintf('#%06x', $colour)] ?? self::fail(\sprintf('no #%06x', $colour));
            self::assertGreaterThan(0.985, self::common($region, $traced), \sprintf('#%06x', $colour));
            self::assertCount(\count($region->polygons), $traced->polygons, 'no specks, nothing lost');
        }
    }

    public function testCornersAreKeptAndCurvesAreSmooth(): void
    {
        $square = (new Box(200_000, 200_000, 800_000, 800_000))->region();
        $layers = (new ArtworkTracer(new Potrace()))->trace(
            FlatArtwork::of(self::SIDE, self::SIDE, self::drawn([0 => $square], 0xFFFFFF)),
            8,
            1.0,
        );
        $traced = reset($layers) ?: self::fail('nothing traced');
        foreach ([[200_000, 200_000], [800_000, 200_000], [800_000, 800_000], [200_000, 800_000]] as $corner) {
            $near = min([
                \INF,
                ...array_map(
                    static fn (array $point): float => hypot($point[0] - $corner[0], $point[1] - $corner[1]),
                    $traced->polygons[0][0] ?? [],
                ),
            ]);
            self::assertLessThan(1_500, $near, 'within a pixel and a half');
        }
    }

    public function testTooManyColoursGoToTheNearest(): void
    {
        $bar = static fn (int $nth): Region => (new Box(
            100_000 + 150_000 * $nth,
            100_000,
            250_000 + 150_000 * $nth,
            900_000,
        ))->region();
        $shapes = [0x101010 => $bar(0), 0x303060 => $bar(1), 0xC02020 => $bar(2), 0xE05030 => $bar(3)];
        $pixels = self::drawn($shapes, 0xFFFFFF);
        self::assertCount(4, FlatArtwork::of(self::SIDE, self::SIDE, $pixels)->colours);
        $two = FlatArtwork::of(self::SIDE, self::SIDE, $pixels, 2);
        self::assertCount(2, $two->colours);
        self::assertSame(
            1_000_000 - 4 * 150 * 800,
            substr_count($two->classes, "\0"),
            'and none of them is lost to the ground',
        );
    }

    public function testWhatIsSeeThroughIsGround(): void
    {
        $pixels = [];
        for ($y = 0; $y < 100; ++$y) {
            for ($x = 0; $x < 100; ++$x) {
                $pixels[] = hypot($x - 50, $y - 50) < 30 ? 0xFFFFFF : FlatArtwork::CLEAR;
            }
        }
        self::assertSame([0xFFFFFF], FlatArtwork::of(100, 100, $pixels)->colours, 'white on nothing is cut');
    }

    /** @return iterable<string, array{list<int>}> */
    public static function photographs(): iterable
    {
        $run = static function (\Closure $colour): array {
            $pixels = [];
            for ($y = 0; $y < 200; ++$y) {
                for ($x = 0; $x < 200; ++$x) {
                    $pixels[] = $colour($x, $y);
                }
            }

            return $pixels;
        };
        mt_srand(7);
        yield 'a sky' => [
            $run(
                static fn (int $x, int $y): int => ((40 + $y) << 16)
                    | ((90 + intdiv($x + $y, 4)) << 8)
                    | (255 - intdiv($y, 2)),
            ),
        ];
        yield 'leaves' => [
            $run(
                static fn (int $x, int $y): int => (mt_rand(20, 120) << 16) | (mt_rand(60, 200) << 8) | mt_rand(10, 80),
            ),
        ];
        yield 'a ball in the light' => [
            $run(static function (int $x, int $y): int {
                $light = (int) max(20, 250 - hypot($x - 70, $y - 60));

                return ($light << 16) | ((int) (0.8 * $light) << 8) | (int) (0.6 * $light);
            }),
        ];
    }

    /** @param list<int> $pixels */
    #[DataProvider('photographs')]
    public function testAPhotographIsRefusedWithASentence(array $pixels): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~photograph~');
        FlatArtwork::of(200, 200, $pixels);
    }

    public function testNothingButGroundIsRefused(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~nothing~');
        FlatArtwork::of(50, 50, array_fill(0, 2500, 0xFFFFFF));
    }
}
