<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Trace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Round;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\Picture;
use Yelbo\Trade\Trace\Rectification;

/** Photos taken askew come out square, and round things rolled out, wherever the camera stood. */
final class RectificationTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float}>}> */
    public static function views(): iterable
    {
        yield 'square on' => [[[20.0, 20.0], [280.0, 20.0], [280.0, 180.0], [20.0, 180.0]]];
        yield 'from the left' => [[[20.0, 20.0], [270.0, 45.0], [270.0, 150.0], [20.0, 185.0]]];
        yield 'from below, turned' => [[[70.0, 25.0], [250.0, 60.0], [280.0, 180.0], [15.0, 150.0]]];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('views')]
    public function testQuartersOfAPhotoComeOutAsQuarters(array $corners): void
    {
        [$square] = (new Rectification(self::quarters($corners), $corners))->into(80, 60);
        foreach ([[20, 15, 0xC02020], [60, 15, 0x20C020], [20, 45, 0x2020C0], [60, 45, 0xC02020]] as [$x, $y, $is]) {
            foreach ([[0, 0], [-14, -9], [14, 9]] as [$dx, $dy]) {
                self::assertSame($is, $square->pixels[($y + $dy) * 80 + $x + $dx], "$x, $y");
            }
        }
    }

    public function testTheWholeFrameIsTheWholeObject(): void
    {
        // Ground is white: none of it may come in, and the corners are the object's own.
        $corners = [[40.0, 30.0], [260.0, 50.0], [240.0, 170.0], [30.0, 150.0]];
        [$square] = (new Rectification(self::quarters($corners), $corners))->into(90, 60);
        $white = \count(array_filter($square->pixels, static fn (int $colour): bool => ($colour & 0xFF) > 0xD0));
        self::assertLessThan(0.01 * 90 * 60, $white);
    }

    /** @return iterable<string, array{Round}> */
    public static function walls(): iterable
    {
        yield 'cup' => [new Cylinder(Length::micrometres(258_000), Length::micrometres(95_000))];
        yield 'can' => [
            new Taper(Length::micrometres(900_000), Length::micrometres(700_000), Length::micrometres(250_000)),
        ];
    }

    /** Stripes every 15° of the wall are evenly wide once it is rolled out, though not in the photo. */
    #[DataProvider('walls')]
    public function testARoundWallIsRolledOut(Round $wall): void
    {
        $front = $wall->front()->box();
        $pixels = [];
        for ($y = 0; $y < 200; ++$y) {
            $half = self::halfAt($wall, ($y + 0.5) / 200);
            for ($x = 0; $x < 400; ++$x) {
                $angle = asin(max(-1.0, min(1.0, (($x + 0.5) / 400 - 0.5) / $half)));
                $pixels[] = 0 === ((int) floor(rad2deg($angle) / 15 + 100)) % 2 ? 0x000000 : 0xFFFFFF;
            }
        }
        $flat = $wall->outline()->box();
        $between = Rectification::between($wall->frontCorners());
        $corners = array_map(
            static fn (array $at): array => [
                (400 * ($at[0] - $front->left)) / $front->width(),
                (200 * ($at[1] - $front->top)) / $front->height(),
            ],
            $wall->frontCorners(),
        );
        [$out] = (new Rectification(new Picture(400, 200, $pixels), $corners))->into(
            720,
            200,
            static function (float $u, float $v) use ($wall, $flat, $between): ?array {
                $at = $wall->seenAt($flat->left + $u * $flat->width(), $flat->top + $v * $flat->height());

                return null === $at ? null : $between(...$at);
            },
        );
        $wrong = $looked = 0;
        for ($nth = 0; $nth < 30; ++$nth) {
            $degrees = 15 * ($nth % 10) - 67.5;
            $down = intdiv($wall->wall()->height->micrometres * (1 + intdiv($nth, 10)), 4);
            $place = $wall->laid(
                (new Box(
                    (int) ($wall->wall()->width->micrometres * (0.5 + $degrees / 360)) - 1,
                    $down - 1,
                    (int) ($wall->wall()->width->micrometres * (0.5 + $degrees / 360)) + 1,
                    $down + 1,
                ))->region(),
            )->box();
            $x = (int) ((720 * ($place->left - $flat->left)) / $flat->width());
            $y = (int) ((200 * ($place->top - $flat->top)) / $flat->height());
            $is = $out->pixels[$y * 720 + $x] & 0xFF;
            $wrong += (0 === ((int) floor($degrees / 15 + 100)) % 2 ? 0 : 255) === $is ? 0 : 1;
            ++$looked;
        }
        self::assertSame(30, $looked);
        self::assertSame(0, $wrong);
    }

    public function testWhatIsNotSeenHasTheColourMostOfItHas(): void
    {
        $pixels = array_fill(0, 100 * 60, 0x24503A);
        for ($x = 0; $x < 100; ++$x) {
            $pixels[29 * 100 + $x] = $pixels[30 * 100 + $x] = $pixels[31 * 100 + $x] = 0xF2F2EE;
        }
        [$out, $usual] = (new Rectification(new Picture(100, 60, array_values($pixels)), [
            [5.0, 5.0], [95.0, 5.0], [95.0, 55.0], [5.0, 55.0],
        ]))->into(80, 40, static fn (float $u, float $v): ?array => $u < 0.25 ? null : [$u, $v]);
        self::assertSame(0x24503A, $usual);
        self::assertSame(0x24503A, $out->pixels[0]);
        self::assertContains(0xF2F2EE, $out->pixels);
    }

    /** @return iterable<string, array{list<array{float, float}>}> */
    public static function badCorners(): iterable
    {
        yield 'three' => [[[0.0, 0.0], [90.0, 0.0], [90.0, 90.0]]];
        yield 'crossed' => [[[10.0, 10.0], [90.0, 90.0], [90.0, 10.0], [10.0, 90.0]]];
        yield 'the other way round' => [[[10.0, 10.0], [10.0, 90.0], [90.0, 90.0], [90.0, 10.0]]];
        yield 'beyond the photo' => [[[10.0, 10.0], [900.0, 10.0], [900.0, 90.0], [10.0, 90.0]]];
        yield 'in a line' => [[[10.0, 10.0], [50.0, 10.0], [90.0, 10.0], [10.0, 90.0]]];
        yield 'on a spot' => [[[10.0, 10.0], [12.0, 10.0], [12.0, 12.0], [10.0, 12.0]]];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('badCorners')]
    public function testCornersThatAreNoneAreRefused(array $corners): void
    {
        $this->expectException(Refused::class);
        new Rectification(new Picture(100, 100, array_fill(0, 10_000, 0)), $corners);
    }

    /** The half of what is seen at a height of the wall, as a share of the front's width. */
    private static function halfAt(Round $wall, float $down): float
    {
        $front = $wall->front();
        $box = $front->box();
        $strip = Geos::clipped($front, new Box(
            $box->left,
            (int) ($box->top + $down * $box->height()) - 20,
            $box->right,
            (int) ($box->top + $down * $box->height()) + 20,
        ))->box();

        return $strip->width() / 2 / $box->width();
    }

    /**
     * Four quarters in a photo on white, found by the plain way: which side of the lines through the middles a pixel
     * lies on, the middle being where the diagonals cross.
     *
     * @param list<array{float, float}> $corners
     */
    private static function quarters(array $corners): Picture
    {
        [[$ax, $ay], [$bx, $by], [$cx, $cy], [$dx, $dy]] = $corners;
        $middle = self::crossing([$ax, $ay], [$cx, $cy], [$bx, $by], [$dx, $dy]);
        self::assertNotNull($middle);
        // Lines through the middle towards where opposite edges meet, or along them where they do not.
        $across = self::towards($middle, [$ax, $ay], [$bx, $by], [$dx, $dy], [$cx, $cy]);
        $down = self::towards($middle, [$ax, $ay], [$dx, $dy], [$bx, $by], [$cx, $cy]);
        $inside = static function (float $x, float $y) use ($corners): bool {
            foreach ($corners as $nth => [$px, $py]) {
                [$qx, $qy] = $corners[($nth + 1) % 4];
                if (($qx - $px) * ($y - $py) - ($qy - $py) * ($x - $px) < 0) {
                    return false;
                }
            }

            return true;
        };
        $pixels = [];
        for ($y = 0; $y < 200; ++$y) {
            for ($x = 0; $x < 300; ++$x) {
                [$px, $py] = [$x + 0.5, $y + 0.5];
                $lower = $across[0] * ($py - $middle[1]) - $across[1] * ($px - $middle[0]) > 0;
                $right = $down[1] * ($px - $middle[0]) - $down[0] * ($py - $middle[1]) > 0;
                $pixels[] = !$inside($px, $py)
                    ? 0xF4F4F4
                    : ($lower === $right ? 0xC02020 : ($right ? 0x20C020 : 0x2020C0));
            }
        }

        return new Picture(300, 200, $pixels);
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     * @param array{float, float} $s
     *
     * @return array{float, float}|null where two lines cross
     */
    private static function crossing(array $p, array $q, array $r, array $s): ?array
    {
        $under = ($q[0] - $p[0]) * ($s[1] - $r[1]) - ($q[1] - $p[1]) * ($s[0] - $r[0]);
        if (abs($under) < 1e-6) {
            return null;
        }
        $share = (($r[0] - $p[0]) * ($s[1] - $r[1]) - ($r[1] - $p[1]) * ($s[0] - $r[0])) / $under;

        return [$p[0] + $share * ($q[0] - $p[0]), $p[1] + $share * ($q[1] - $p[1])];
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     * @param array{float, float} $s
     *
     * @return array{float, float} the way from p to q, in perspective
     */
    private static function towards(array $from, array $p, array $q, array $r, array $s): array
    {
        $meet = self::crossing($p, $q, $r, $s);
        $way = null === $meet ? [$q[0] - $p[0], $q[1] - $p[1]] : [$meet[0] - $from[0], $meet[1] - $from[1]];
        $forward = $way[0] * ($q[0] - $p[0]) + $way[1] * ($q[1] - $p[1]) >= 0 ? 1 : -1;

        return [$forward * $way[0], $forward * $way[1]];
    }
}
