<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Check\Opening;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\KnockoutShape;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** What is done to outlines so that knife and hook can manage them. */
final class MendingTest extends TestCase
{
    public function testThickensOnEverySide(): void
    {
        $bar = self::mend(new Mending(thicken: 250), 'M0 0H40V0.8H0Z');
        self::assertSame(
            [-250, -250, 40_250, 1050],
            [$bar->box()->left, $bar->box()->top, $bar->box()->right, $bar->box()->bottom],
        );
        self::assertSame([], Opening::tooThin($bar, 1290));
    }

    public function testFillsNarrowInsidesAndLeavesWideOnes(): void
    {
        $plate = self::mend(new Mending(fill: 1200), 'M0 0H40V20H0ZM5 5V6H6V5ZM20 5V9H26V5Z');
        self::assertSame(1, $plate->holes());
        self::assertEqualsWithDelta(800 - 24, $plate->area(), 0.01);
        // Long but narrow: no circle of the width fits.
        self::assertSame(0, self::mend(new Mending(fill: 1200), 'M0 0H40V20H0ZM5 5V5.8H35V5Z')->holes());
    }

    public function testDropsWhatIsSmallBothWaysAndKeepsWhatIsLong(): void
    {
        $kept = self::mend(new Mending(drop: 2000), 'M0 0H40V20H0ZM50 5H51.5V6.5H50ZM60 0H61V9H60Z');
        self::assertCount(2, $kept->polygons);
    }

    public function testFusesNeighboursAndNoNotches(): void
    {
        $apart = 'M0 0H20V20H0ZM20.6 0H40V20H20.6Z';
        self::assertCount(2, self::mend(new Mending(fuse: 500), $apart)->polygons);
        $fused = self::mend(new Mending(fuse: 700), $apart);
        self::assertCount(1, $fused->polygons);
        self::assertEqualsWithDelta(800, $fused->area(), 2);
        // A narrow slit in one part joins nothing, so it stays.
        $slit = 'M0 0H20V20H10.3V5H9.7V20H0Z';
        self::assertEqualsWithDelta(
            SvgPath::read($slit)->area(),
            self::mend(new Mending(fuse: 700), $slit)->area(),
            0.001,
        );
    }

    /** The inside of an O that is cut out of a solid hangs on a bar as wide as was said, and is no part of its own. */
    public function testBarsHoldLooseInsides(): void
    {
        $o = 'M0 0H40V30H0ZM10 5V25H30V5ZM16 10H24V20H16Z';
        self::assertCount(1, Mending::loose(self::mend(new Mending(), $o)));
        $held = self::mend(new Mending(bridge: 2000), $o);
        self::assertCount(1, $held->polygons);
        self::assertEqualsWithDelta(1200 - 400 + 80 + 2 * 2 * 5, $held->area(), 0.5, 'a bar above and one below');
        self::assertSame(2, $held->holes());
        self::assertSame([], Mending::loose($held));
        $words = Words::set(
            Lettering::faces()->named('bebas'),
            ['BOAT', 'CLUB'],
            new Setting(Arrangement::Knockout, shape: KnockoutShape::Band, bow: 3.0),
        );
        $band = Lettering::typesetter()->top($words, 12_000);
        self::assertGreaterThan(4, \count(Mending::loose($band)));
        $held = (new Mending(bridge: 1500))->apply($band, true);
        self::assertCount(1, $held->polygons, 'every letter’s inside, whichever way it is turned');
    }

    public function testRoundsCornersAndReducesThem(): void
    {
        $round = self::mend(new Mending(smooth: 1000), 'M0 0H40V20H0Z');
        self::assertEqualsWithDelta(800 - (4 - \M_PI), $round->area(), 0.05);
        $fewer = self::mend(new Mending(reduce: 50), SvgPath::write($round));
        self::assertLessThan($round->corners(), $fewer->corners());
        self::assertTrue(Geos::covers(Geos::grow($round, 60), $fewer));
    }

    public function testSaysWhatItDidAndRefusesNonsense(): void
    {
        self::assertTrue((new Mending())->isNothing());
        self::assertSame(
            ['thickened by 0.2 mm on each side', 'insides under 1.2 mm filled'],
            (new Mending(thicken: 200, fill: 1200))->steps(),
        );
        foreach ([['thicken', -1], ['drop', 90_000]] as [$step, $figure]) {
            try {
                (new Mending())->with($step, $figure);
                self::fail($step);
            } catch (Refused $refused) {
                self::assertSame("/$step", $refused->at);
            }
        }
        $this->expectExceptionObject(
            new Refused('nothing-left', 'Mended like this nothing is left of the art. Undo the last step.', '/drop'),
        );
        self::mend(new Mending(drop: 20_000), 'M0 0H5V5H0Z');
    }

    /** @return iterable<string, array{Surface}> */
    public static function surfaces(): iterable
    {
        yield 'a panel' => [new Rectangle(Size::millimetres(160, 70), Length::millimetres(4))];
        yield 'a disc' => [new Ellipse(Size::millimetres(120, 120))];
        yield 'a bucket' => [
            new Taper(Length::millimetres(942.5), Length::millimetres(628.3), Length::millimetres(250), true, 120),
        ];
    }

    /** Thickened letters are set so much smaller that they still lie inside, and no smaller than that. */
    #[DataProvider('surfaces')]
    public function testMendedLettersFitAsLargeAsTheyCan(Surface $surface): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $words = static fn (Mending $mending): Words => Words::set(
            Lettering::faces()->named('lobster'),
            ['Heron'],
            new Setting(Arrangement::Line, mending: $mending),
        );
        $plain = $fitting->fit($surface, $words(new Mending()));
        $thick = $fitting->fit($surface, $words(new Mending(thicken: 600, fill: 3000)));
        self::assertTrue($thick->inside);
        self::assertLessThan($plain->capHeight, $thick->capHeight);
        self::assertGreaterThan(0.9 * $plain->capHeight, $thick->capHeight);
        self::assertFalse(
            $fitting->fit($surface, $words(new Mending(thicken: 600, fill: 3000)), (int) (1.01 * $thick->capHeight))
                ->inside,
        );
    }

    public function testDroppingAnAccentDoesNotMoveTheWord(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $surface = new Rectangle(Size::millimetres(160, 70), Length::millimetres(0));
        $set = static fn (int $drop): Words => Words::set(
            Lettering::faces()->named('oswald'),
            ['Zoë'],
            new Setting(Arrangement::Line, mending: new Mending(drop: $drop)),
        );
        $plain = $fitting->fit($surface, $set(0), 20_000);
        $bare = $fitting->fit($surface, $set(6_000), 20_000);
        self::assertLessThan(\count($plain->artwork->top()->polygons), \count($bare->artwork->top()->polygons));
        self::assertEqualsWithDelta(
            $plain->at[1] + $plain->artwork->box()->height(),
            $bare->at[1] + $bare->artwork->box()->height(),
            3,
            'the baseline stays',
        );
    }

    private static function mend(Mending $mending, string $path): Region
    {
        return $mending->apply(SvgPath::read($path));
    }
}
