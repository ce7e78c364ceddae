<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Object;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

final class SurfaceTest extends TestCase
{
    public function testClearanceIsAShareOfTheShorterSideAndThreeMillimetresAtLeast(): void
    {
        $rules = Rules::standard();
        self::assertSame(5000, (new Rectangle(Size::millimetres(200, 100), Length::millimetres(0)))->clearance($rules));
        self::assertSame(3000, (new Rectangle(Size::millimetres(200, 40), Length::millimetres(0)))->clearance($rules));
        self::assertSame(18_000, (new Ellipse(Size::millimetres(300, 300)))->clearance($rules));
        self::assertSame(
            10_000,
            (new Rectangle(Size::millimetres(200, 100), Length::millimetres(0)))->clearance(
                $rules->with(Rule::Clearance, 10),
            ),
        );
    }

    public function testARectangleIsInsetOnEverySideAndKeepsItsRoundness(): void
    {
        $safe = (new Rectangle(Size::millimetres(100, 60), Length::millimetres(10)))->safe(4000)->region();
        self::assertEqualsWithDelta(92_000, $safe->box()->width(), 6);
        self::assertEqualsWithDelta(92 * 52 - (4 - \M_PI) * 36, $safe->area(), 0.1, 'corners of 6 mm radius are left');
        $sharp = (new Rectangle(Size::millimetres(100, 60), Length::millimetres(3)))->safe(4000)->region();
        self::assertEqualsWithDelta(92 * 52, $sharp->area(), 0.01, 'a corner smaller than the clearance becomes sharp');
    }

    /** An oval's inset is no oval: every point of it keeps its distance from the edge. */
    public function testAnOvalsInsetKeepsItsDistanceEverywhere(): void
    {
        $a = 80_000;
        $b = 30_000;
        foreach ([3000, 12_000, 25_000] as $clearance) {
            $safe = (new Ellipse(Size::millimetres(160, 60)))->safe($clearance)->region();
            $closest = \INF;
            foreach ($safe->rings()[0] as [$x, $y]) {
                $near = \INF;
                for ($t = 0; $t < 2 * \M_PI; $t += 0.002) {
                    $near = min($near, hypot($x - $a - $a * cos($t), $y - $b - $b * sin($t)));
                }
                $closest = min($closest, $near);
                self::assertGreaterThan($clearance - 6, $near);
            }
            self::assertLessThan($clearance + 30, $closest, 'and gives no room away');
        }
    }

    public function testOutlinesAreWholeSize(): void
    {
        self::assertEqualsWithDelta(\M_PI * 80 * 30, (new Ellipse(Size::millimetres(160, 60)))->outline()->area(), 0.8);
        self::assertEqualsWithDelta(
            100 * 60 - (4 - \M_PI) * 100,
            (new Rectangle(Size::millimetres(100, 60), Length::millimetres(10)))->outline()->area(),
            0.1,
        );
    }

    public function testRefusesACornerThatEatsTheSide(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~30 mm~');
        new Rectangle(Size::millimetres(100, 60), Length::millimetres(31));
    }
}
