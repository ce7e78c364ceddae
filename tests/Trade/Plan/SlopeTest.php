<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Plan\Slope;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** A line is told level by two taps, or against an edge where the photo was held askew. */
final class SlopeTest extends TestCase
{
    public function testTheAngleIsToldToAFifthOfADegree(): void
    {
        foreach ([-7.0, -1.4, -0.2, 0.0, 0.6, 2.2, 12.0] as $degrees) {
            foreach ([0.0, 5.0, -14.0] as $held) {
                $line = self::line($degrees + $held);
                $found = Slope::of($line, 0.0 === $held ? null : self::line($held))->degrees;
                self::assertEqualsWithDelta($degrees, $found, 0.1001);
                [$x, $y, $toX, $toY] = $line;
                $back = Slope::of([$toX, $toY, $x, $y], 0.0 === $held ? null : self::line($held))->degrees;
                self::assertEqualsWithDelta($found, $back, 1e-9, 'whichever end was tapped first');
            }
        }
    }

    public function testItSaysWhatPeopleSee(): void
    {
        $rules = Rules::standard();
        $long = Length::millimetres(200);
        self::assertSame('It is level.', Slope::of([0, 0, 800, 0.5], null)->says($long, $rules));
        self::assertSame(
            'It falls to the right by 1.0°, 3.5 mm · 1/8 in over its length. People will see that.',
            Slope::of(self::line(1.0), null)->says($long, $rules),
        );
        self::assertStringContainsString('Nobody will see', Slope::of(self::line(-0.4), null)->says($long, $rules));
        $this->expectException(Refused::class);
        Slope::of([3, 3, 3, 3], null);
    }

    /** @return array{float, float, float, float} */
    private static function line(float $degrees): array
    {
        $angle = deg2rad($degrees);

        return [40.0, 60.0, 40 + 700 * cos($angle), 60 + 700 * sin($angle)];
    }
}
