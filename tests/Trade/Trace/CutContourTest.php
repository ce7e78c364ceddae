<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Trace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\CutContour;
use Yelbo\Trade\Trace\Potrace;

/** Where a printed picture is cut: exactly so far from what is on it, however it looks. Source: handbook section 6. */
final class CutContourTest extends TestCase
{
    private const SIDE = 240;
    /** µm */
    private const PIXEL = 250.0;

    /** @return iterable<string, array{\Closure(float, float): bool}> */
    public static function pictures(): iterable
    {
        yield 'a disc' => [static fn (float $x, float $y): bool => hypot($x, $y) < 70];
        yield 'a ring' => [static fn (float $x, float $y): bool => hypot($x, $y) < 70 && hypot($x, $y) > 40];
        yield 'a bar and a spot' => [
            static fn (float $x, float $y): bool => (abs($x) < 80 && abs($y + 30) < 12) || hypot($x, $y - 40) < 20,
        ];
        yield 'a star' => [
            static fn (float $x, float $y): bool => hypot($x, $y) < 40 + 30 * cos(5 * atan2($y, $x)),
        ];
    }

    /** @param \Closure(float, float): bool $inside */
    #[DataProvider('pictures')]
    public function testItIsExactlySoFarAway(\Closure $inside): void
    {
        $mask = self::mask($inside);
        foreach ([0, 500, 2000, 5000] as $away) {
            [$cut, $subject] = (new CutContour(new Potrace()))->around(
                self::SIDE,
                self::SIDE,
                $mask,
                self::PIXEL,
                $away,
            );
            self::assertSame(0, $cut->holes(), 'insides are not cut');
            foreach ($cut->rings() as $ring) {
                foreach ($ring as $nth => $point) {
                    if (0 !== $nth % 9) {
                        continue;
                    }
                    $far = Geos::distance(new Region([[[$point, [$point[0] + 1, $point[1]], $point]]]), $subject);
                    self::assertEqualsWithDelta($away, $far, 20);
                }
            }
            self::assertTrue(Geos::covers($cut, $subject));
        }
    }

    public function testWhatIsOnItIsWhereItWas(): void
    {
        $disc = (new CutContour(new Potrace()))->around(
            self::SIDE,
            self::SIDE,
            self::mask(static fn (float $x, float $y): bool => hypot($x, $y) < 70),
            self::PIXEL,
            0,
        )[0];
        $box = $disc->box();
        self::assertEqualsWithDelta(30_000, ($box->left + $box->right) / 2, 200);
        self::assertEqualsWithDelta(30_000, ($box->top + $box->bottom) / 2, 200);
        self::assertEqualsWithDelta(\M_PI * 17.5 ** 2, $disc->area(), 10);
        self::assertLessThan(
            200,
            array_sum(array_map(\count(...), $disc->rings())),
            'no more corners than a knife follows',
        );
    }

    public function testNothingButGroundIsRefused(): void
    {
        $this->expectException(Refused::class);
        (new CutContour(new Potrace()))->around(
            self::SIDE,
            self::SIDE,
            str_repeat("\0", self::SIDE * self::SIDE),
            self::PIXEL,
            2000,
        );
    }

    /** @param \Closure(float, float): bool $inside */
    private static function mask(\Closure $inside): string
    {
        $mask = '';
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $mask .= $inside($x - self::SIDE / 2, $y - self::SIDE / 2) ? "\1" : "\0";
            }
        }

        return $mask;
    }
}
