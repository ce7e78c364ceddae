<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Refused;

/** Outlines of very many corners: thinned to what a knife follows, and refused where even that is too much. */
final class ManyCornersTest extends TestCase
{
    private const HEIGHT = 200_000;

    /** @return array<string, array{Region, int}> a drawing, and how far it may move, µm */
    public static function drawings(): array
    {
        return [
            'stairs of 6,000 steps no knife sees' => [self::stairs(6000, 20, 10), 10],
            'a smooth blob of 6,000 corners' => [self::blob(6000, 9, 16_000), 10],
            'a rippled one' => [self::blob(12_000, 211, 300), 10],
            'stairs of 600 steps that are meant' => [self::stairs(600, 600, 300), 0],
        ];
    }

    #[DataProvider('drawings')]
    public function testNoOutlineMovesByMoreThanAKnifeFollows(Region $drawn, int $by): void
    {
        $exact = $drawn->atOrigin();
        $top = Lettering::typesetter()->top(self::words($drawn), $exact->box()->height());
        self::assertLessThanOrEqual(self::corners($exact), self::corners($top));
        if (0 === $by) {
            self::assertEquals(Geos::union([$exact])->area(), $top->area());

            return;
        }
        self::assertLessThan(self::corners($exact) / 2, self::corners($top), 'fewer by far');
        // Within a tolerance of each other, both ways.
        self::assertLessThan(0.5, Geos::difference($top, Geos::grow(Geos::followed($exact, 1), 2 * $by))->area());
        self::assertLessThan(0.5, Geos::difference(Geos::followed($exact, 1), Geos::grow($top, 2 * $by))->area());
    }

    public function testSharpCornersWithoutEndAreRefusedWithAWayOut(): void
    {
        $zigzag = self::stairs(2500, 400, 200);
        try {
            Lettering::typesetter()->top(self::words($zigzag), 500_000);
            self::fail('It was drawn.');
        } catch (Refused $refused) {
            self::assertSame(['too-many-corners', '/art'], [$refused->reason, $refused->at]);
            self::assertStringContainsString('Leave out corners under Mend', $refused->getMessage());
        }
        // Done so, it is drawn.
        $mended = Lettering::typesetter()->top(self::words($zigzag, new Mending(reduce: 400)), 500_000);
        self::assertLessThan(10, self::corners($mended));
    }

    public function testSmoothOutlinesAreNotRefusedHoweverManyCornersTheyHave(): void
    {
        foreach ([5000, 20_000, 40_000] as $corners) {
            $top = Lettering::typesetter()->top(self::words(self::blob($corners, 400, 400)), self::HEIGHT);
            self::assertFalse($top->isEmpty());
        }
    }

    public function testATracedObjectKeepsItsShapeToOnePartInTwoThousand(): void
    {
        foreach ([self::blob(30_000, 9, 16_000), self::stairs(2000, 40, 20), self::blob(300, 5, 9000)] as $traced) {
            $thinned = OddShape::thinned($traced);
            $box = $traced->box();
            $by = intdiv(max($box->width(), $box->height()), 2000);
            self::assertLessThanOrEqual(min(self::corners($traced), 1000), self::corners($thinned));
            self::assertLessThan(1.0, Geos::difference($thinned, Geos::grow(Geos::followed($traced, 1), $by))->area());
            self::assertLessThan(1.0, Geos::difference(Geos::followed($traced, 1), Geos::grow($thinned, $by))->area());
        }
    }

    private static function words(Region $drawn, Mending $mending = new Mending()): Words
    {
        return Words::brought(
            Lettering::faces()->named('oswald'),
            VectorArt::fromLayers(['#000000' => $drawn], [], true),
            new Setting(mending: $mending),
        );
    }

    private static function corners(Region $region): int
    {
        return max(0, ...array_map(\count(...), $region->rings()));
    }

    private static function stairs(int $steps, int $wide, int $high): Region
    {
        $ring = [];
        for ($nth = 0; $nth < $steps; ++$nth) {
            $ring[] = [$nth * $wide, $nth * $high];
            $ring[] = [($nth + 1) * $wide, $nth * $high];
        }
        $ring[] = [$steps * $wide, $steps * $high];
        $ring[] = [0, $steps * $high];

        return new Region([[$ring]]);
    }

    private static function blob(int $corners, int $waves, int $amplitude): Region
    {
        $ring = [];
        for ($nth = 0; $nth < $corners; ++$nth) {
            $angle = 2 * \M_PI * $nth / $corners;
            $radius = 140_000 + $amplitude * sin($waves * $angle);
            $ring[] = [(int) round($radius * cos($angle)), (int) round($radius * sin($angle))];
        }

        return new Region([[$ring]]);
    }
}
