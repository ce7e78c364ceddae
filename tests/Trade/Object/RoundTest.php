<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Object;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Development;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;

/** Round things against closed formulas. Source: handbook section 3. */
final class RoundTest extends TestCase
{
    private static function mm(float $mm): Length
    {
        return Length::millimetres($mm);
    }

    /** @return iterable<array{float, float, float, float, float}> circumferences, slant, baseline, width */
    public static function tapers(): iterable
    {
        yield 'bucket' => [942.5, 628.3, 250, 125, 180];
        yield 'tumbler' => [260, 190, 120, 30, 90];
        yield 'nearly a cylinder' => [300, 299, 100, 50, 200];
        yield 'wide open' => [900, 200, 130, 60, 100];
    }

    #[DataProvider('tapers')]
    public function testDevelopmentByTheFormula(
        float $wide,
        float $narrow,
        float $slant,
        float $baseline,
        float $width,
    ): void {
        $development = new Development(self::mm($wide), self::mm($narrow), self::mm($slant));
        $radius = ($slant * $wide) / ($wide - $narrow);
        self::assertEqualsWithDelta(1000 * $radius, $development->apexRadius, 1);
        self::assertEqualsWithDelta($wide / $radius, $development->sweep, 1e-6);
        self::assertEqualsWithDelta(1000 * $narrow, $development->around(1000 * $slant), 2);
        $at = $radius - $baseline;
        self::assertEqualsWithDelta(
            1000 * $at * (1 - cos($width / (2 * $at))),
            $development->droop(1000 * $baseline, 1000 * $width),
            1,
        );
    }

    /** The bent baseline is an arc of its own length, its middle where it was, its ends lower by the droop. */
    #[DataProvider('tapers')]
    public function testBentArtKeepsTheLengthOfItsBaseline(
        float $wide,
        float $narrow,
        float $slant,
        float $baseline,
        float $width,
    ): void {
        $development = new Development(self::mm($wide), self::mm($narrow), self::mm($slant));
        $w = (int) (1000 * $width);
        $strip = (new Box(0, 19_990, $w, 20_000))->region();
        $bent = $development->bend($strip, 1000 * $baseline, $w / 2, 20_000);
        self::assertEqualsWithDelta(2 * $width, $bent->outlineLength(), 2 * $width * 0.001);
        self::assertEqualsWithDelta($development->droop(1000 * $baseline, $w), $bent->box()->bottom - 20_000, 4);
        self::assertEqualsWithDelta(19_990, $bent->box()->top, 3);
        self::assertEqualsWithDelta($w, $bent->box()->left + $bent->box()->right, 4);
        $other = $development->bend($strip, 1000 * $baseline, $w / 2, 20_000, false);
        self::assertEqualsWithDelta($development->droop(1000 * $baseline, $w), 20_000 - $other->box()->top, 14);
    }

    public function testTheWallOfATaperHasItsArea(): void
    {
        foreach ([true, false] as $wideUp) {
            $taper = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), $wideUp);
            self::assertEqualsWithDelta(((942.5 + 628.3) / 2) * 250, $taper->outline()->area(), 10);
            self::assertEqualsWithDelta(0, $taper->outline()->box()->top, 4);
            self::assertEqualsWithDelta(0, $taper->outline()->box()->left, 4);
            self::assertEqualsWithDelta(785.4, $taper->wall()->width->toMillimetres(), 0.1);
            [$around, $down] = $taper->straightened(
                $taper->size()->width->micrometres / 2,
                $wideUp ? 60_000 : $taper->apex()[1] + $taper->radiusAt(60_000),
            );
            self::assertEqualsWithDelta(0, $around, 1);
            self::assertEqualsWithDelta(60_000, $down, 5);
        }
    }

    /** Laid on the wall and looked at straight again, a part is where it was measured. */
    public function testWhatIsMeasuredAlongTheWallIsLaidThere(): void
    {
        $taper = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250));
        $laid = $taper->laid((new Box(100_000, 50_000, 110_000, 60_000))->region());
        $half = $taper->wall()->width->micrometres / 2;
        foreach ($laid->rings()[0] as [$x, $y]) {
            [$around, $down] = $taper->straightened($x, $y);
            self::assertGreaterThan(100_000 - 5, $around + $half);
            self::assertLessThan(110_000 + 5, $around + $half);
            self::assertGreaterThan(50_000 - 5, $down);
            self::assertLessThan(60_000 + 5, $down);
        }
    }

    public function testATaperSeenFromTheFront(): void
    {
        $taper = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250));
        $front = $taper->front()->box();
        self::assertEqualsWithDelta(300_000, $front->width(), 10);
        self::assertEqualsWithDelta(sqrt(250 ** 2 - 50 ** 2) * 1000, $front->height(), 10);
        // What is seen of the whole wall is the whole front.
        self::assertEqualsWithDelta(
            $taper->front()->area(),
            $taper->seen($taper->outline())->area(),
            $taper->front()->area() * 0.002,
        );
    }

    public function testACylinderSeenFromTheFront(): void
    {
        $mug = new Cylinder(self::mm(300), self::mm(100));
        $seen = $mug->seen((new Box(150_000 - 25_000, 10_000, 150_000 + 25_000, 20_000))->region())->box();
        // 50 mm round a radius of 47.75 mm is a sixth of the way round: it looks as wide as the radius.
        self::assertEqualsWithDelta(300_000 / (2 * \M_PI), $seen->width(), 20);
        self::assertSame([10_000, 20_000], [$seen->top, $seen->bottom]);
        self::assertTrue($mug->seen((new Box(0, 0, 60_000, 100_000))->region())->isEmpty(), 'the back is not seen');
    }

    public function testArtOnARoundThingKeepsToWhatIsSeen(): void
    {
        $mug = new Cylinder(self::mm(300), self::mm(100), 120);
        self::assertEqualsWithDelta(100_000, $mug->safe(5000)->region()->box()->width(), 2);
        $bucket = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), true, 90);
        self::assertEqualsWithDelta((((942.5 + 628.3) / 2) * 250) / 4, $bucket->safe(0)->region()->area(), 20);
    }

    /** @return iterable<array{float, float}> strain and t = r/R by the series 1 − sin t/t */
    public static function strains(): iterable
    {
        yield [0.015, 0.30079];
        yield [0.04, 0.49281];
    }

    #[DataProvider('strains')]
    public function testABallByItsStrain(float $strain, float $t): void
    {
        $ball = new Ball(self::mm(100));
        self::assertEqualsWithDelta($strain, $ball->strain(50_000 * $t), 2e-5);
        self::assertEqualsWithDelta(50_000 * $t, $ball->reach($strain), 20);
        self::assertSame(0.0, $ball->strain(0));
    }

    public function testABallLaysItsFrontHalfFlat(): void
    {
        $ball = new Ball(self::mm(100));
        self::assertEqualsWithDelta(157_080, $ball->size()->width->micrometres, 1);
        self::assertEqualsWithDelta($ball->front()->area(), $ball->seen($ball->outline())->area(), 5);
        $seen = (new Ball(self::mm(100), 120))->safe(0)->region()->box();
        self::assertEqualsWithDelta((100_000 * \M_PI) / 3, $seen->width(), 6, 'what 120° show of it');
    }

    /** @return iterable<string, array{\Closure(): mixed, string, string}> */
    public static function absurd(): iterable
    {
        yield 'a cylinder measured as a taper' => [
            static fn () => new Development(self::mm(300), self::mm(300), self::mm(100)),
            '/bottom',
            'cylinder',
        ];
        yield 'widening the wrong way' => [
            static fn () => new Development(self::mm(200), self::mm(300), self::mm(100)),
            '/bottom',
            'wrong way',
        ];
        yield 'a slant shorter than the rim is wide' => [
            static fn () => new Development(self::mm(900), self::mm(100), self::mm(100)),
            '/slant',
            '127.3 mm',
        ];
        yield 'seen all round from the front' => [
            static fn () => new Cylinder(self::mm(300), self::mm(100), 400),
            '/seen',
            '180',
        ];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('absurd')]
    public function testAbsurdMeasuresAreRefusedAtTheirField(\Closure $make, string $at, string $says): void
    {
        try {
            $make();
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame($at, $refused->at);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    /** A flag to the right of its pole stays to the right of it on everything that is bent or seen. */
    public function testNothingIsMirrored(): void
    {
        $flag = new Region([[[[70_000, 40_000], [86_000, 40_000], [70_000, 60_000]]]]);
        $rounds = [
            new Cylinder(self::mm(150), self::mm(100)),
            new Ball(self::mm(100)),
            new Taper(self::mm(200), self::mm(150), self::mm(100)),
            new Taper(self::mm(200), self::mm(150), self::mm(100), false),
        ];
        foreach ($rounds as $round) {
            $flat = $round->laid($flag);
            $seen = $round->seen($flat);
            foreach ([$flat, $seen] as $region) {
                $box = $region->box();
                $left = array_filter(
                    $region->rings()[0],
                    static fn (array $point): bool => $point[0] < $box->left + $box->width() / 8,
                );
                self::assertGreaterThan(
                    $box->height() / 2,
                    max(0, ...array_column($left, 1)) - min(\PHP_INT_MAX, ...array_column($left, 1)),
                    'the pole stands on the left',
                );
            }
        }
    }
}
