<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Plan\FilmParts;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What of a film asks for care, told from its outlines. */
final class FilmPartsTest extends TestCase
{
    private static function disc(int $x, int $y, int $radius): Region
    {
        return ConvexArea::ellipse($x, $y, $radius, $radius)->region();
    }

    public function testWhatLiesInAnOpeningIsLoose(): void
    {
        $ring = Geos::difference(self::disc(50_000, 50_000, 40_000), self::disc(50_000, 50_000, 30_000));
        self::assertSame(0, (new FilmParts($ring))->loose());
        $dots = Geos::union([
            $ring,
            self::disc(40_000, 50_000, 4_000),
            self::disc(60_000, 50_000, 4_000),
            self::disc(120_000, 50_000, 4_000),
        ]);
        self::assertSame(2, (new FilmParts($dots))->loose(), 'the one beside it is not');
        // A dot in a ring in a ring hangs on nothing, and so does the ring.
        $nested = Geos::union([
            Geos::difference(self::disc(0, 0, 60_000), self::disc(0, 0, 50_000)),
            Geos::difference(self::disc(0, 0, 40_000), self::disc(0, 0, 30_000)),
            self::disc(0, 0, 10_000),
        ]);
        self::assertSame(2, (new FilmParts($nested))->loose());
    }

    /** A circle of film lies inside it, is wider than the figure, and the widest comes first. */
    public function testAirStaysUnderWhatIsWide(): void
    {
        $film = Geos::union([
            (new Box(0, 0, 200_000, 20_000))->region(),
            self::disc(50_000, 80_000, 30_000),
            (new Box(100_000, 40_000, 200_000, 140_000))->region(),
        ]);
        $solid = (new FilmParts($film))->solid(Rules::standard());
        self::assertCount(2, $solid, 'a long strip lets air out');
        self::assertEqualsWithDelta([50_000, 30_000], [$solid[0][2], $solid[1][2]], 600);
        self::assertEqualsWithDelta([150_000, 90_000], [$solid[0][0], $solid[0][1]], 600);
        self::assertCount(3, (new FilmParts($film))->solid(Rules::standard()->with(Rule::BubblesOver, 15)));
        self::assertSame([], (new FilmParts($film))->solid(Rules::standard()->with(Rule::BubblesOver, 120)));
    }

    public function testPartsAreTheirPlaceFromTheLeft(): void
    {
        $ring = Geos::difference(self::disc(130_000, 20_000, 20_000), self::disc(130_000, 20_000, 10_000));
        $film = Geos::union(
            [(new Box(60_000, 0, 90_000, 40_000))->region(), (new Box(0, 0, 30_000, 40_000))->region(), $ring],
        );
        $parts = new FilmParts($film);
        self::assertSame([[2, 3, 75_000]], $parts->on([75_000]));
        self::assertSame([[3, 3, 130_000]], $parts->on([130_000]));
        self::assertSame([], $parts->on([45_000, 300_000]), 'between letters nothing has to be cut');
        self::assertSame([], $parts->on([]));
    }
}
