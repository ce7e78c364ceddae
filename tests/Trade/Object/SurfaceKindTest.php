<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Object;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Ring;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** The kinds of surface by their measures, and their true insets. Source: handbook section 3. */
final class SurfaceKindTest extends TestCase
{
    /**
     * @return iterable<string, array{SurfaceKind, array<string, int|float|string>, float, float}> measures, over all in
     *     mm
     */
    public static function kinds(): iterable
    {
        yield 'rectangle' => [
            SurfaceKind::Rectangle,
            ['width' => 100_000, 'height' => 60_000, 'corner' => 4000],
            100,
            60,
        ];
        yield 'hexagon' => [SurfaceKind::Polygon, ['width' => 115_470, 'height' => 100_000, 'sides' => 6], 115.47, 100];
        yield 'badge' => [
            SurfaceKind::Ring,
            ['width' => 120_000, 'height' => 120_000, 'innerWidth' => 60_000, 'innerHeight' => 60_000],
            120,
            120,
        ];
        yield 'traced, by its width' => [
            SurfaceKind::Outline,
            ['width' => 50_000, 'outline' => 'M10 10H30V20H10Z'],
            50,
            25,
        ];
        yield 'traced, by its height' => [
            SurfaceKind::Outline,
            ['height' => 50_000, 'outline' => 'M10 10H30V20H10Z'],
            100,
            50,
        ];
        yield 'mug by its circumference' => [
            SurfaceKind::Cylinder,
            ['circumference' => 258_000, 'height' => 95_000],
            258,
            95,
        ];
        yield 'mug by its diameter' => [SurfaceKind::Cylinder, ['diameter' => 80_000, 'height' => 95_000], 251.327, 95];
        yield 'float by its circumference' => [SurfaceKind::Ball, ['circumference' => 480_000], 240, 240];
        yield 'panes' => [SurfaceKind::Panes, ['width' => 290_000, 'height' => 410_000, 'panes' => 4], 290, 410];
        yield 'panel' => [SurfaceKind::Panel, ['width' => 600_000, 'height' => 240_000], 600, 240];
    }

    /** @param array<string, int|float|string> $of */
    #[DataProvider('kinds')]
    public function testAKindByItsMeasures(SurfaceKind $kind, array $of, float $width, float $height): void
    {
        $surface = $kind->surface($of);
        self::assertEqualsWithDelta(
            [$width, $height],
            [$surface->size()->width->toMillimetres(), $surface->size()->height->toMillimetres()],
            0.002,
        );
        self::assertNotSame('', $kind->label());
        self::assertNotSame([], $kind->lengths());
        $clearance = $surface->clearance(Rules::standard());
        self::assertTrue(Geos::covers(Geos::grow($surface->outline(), 3), $surface->safe($clearance)->region()));
    }

    /** Every point of the safe area keeps the clearance to the outline, and none that does is left out. */
    public function testSafeAreasAreTrueInsets(): void
    {
        $surfaces = [
            new Polygon(Size::millimetres(120, 90), 5),
            new Polygon(Size::millimetres(80, 100), 8),
            new Ellipse(Size::millimetres(150, 60)),
            new OddShape(SvgPath::read('M0 0H90V30H30V90H0Z')),
        ];
        foreach ($surfaces as $surface) {
            $safe = $surface->safe(5000)->region();
            $rim = Geos::difference($surface->outline(), Geos::grow($surface->outline(), -5000));
            self::assertLessThan(0.5, Geos::intersection($safe, $rim)->area());
            self::assertEqualsWithDelta(Geos::grow($surface->outline(), -5000)->area(), $safe->area(), 1.5);
        }
    }

    public function testARingKeepsAMillimetreToTheBadge(): void
    {
        $safe = (new Ring(Size::millimetres(60, 40), Size::millimetres(120, 120)))->safe(7200)->region();
        self::assertEqualsWithDelta(
            1000,
            Geos::distance($safe, ConvexArea::ellipse(60_000, 60_000, 30_000, 20_000)->region()),
            15,
        );
        self::assertEqualsWithDelta(105_600, $safe->box()->width(), 10);
    }

    public function testPolygonsPointSidewaysOrUp(): void
    {
        $wide = (new Polygon(Size::millimetres(115.47, 100), 6))->outline();
        self::assertContains([0, 50_000], $wide->rings()[0]);
        $high = (new Polygon(Size::millimetres(100, 115.47), 6))->outline();
        self::assertContains([50_000, 0], $high->rings()[0]);
        self::assertEqualsWithDelta($wide->area(), $high->area(), 0.01);
    }

    /** @return iterable<string, array{SurfaceKind, array<string, int|float|string>, string, string}> */
    public static function absurd(): iterable
    {
        yield 'a badge wider than what is round it' => [
            SurfaceKind::Ring,
            ['width' => 120_000, 'height' => 120_000, 'innerWidth' => 130_000, 'innerHeight' => 60_000],
            '/inner',
            'smaller than the outer',
        ];
        yield 'two sides' => [
            SurfaceKind::Polygon,
            ['width' => 1000, 'height' => 1000, 'sides' => 2],
            '/sides',
            'from 3',
        ];
        yield 'top and bottom changed over' => [
            SurfaceKind::Taper,
            ['upper' => 500_000, 'lower' => 600_000, 'slant' => 100_000],
            '/lower',
            'Change the two figures over',
        ];
        yield 'wide end said to be below' => [
            SurfaceKind::Taper,
            ['upper' => 600_000, 'lower' => 500_000, 'slant' => 100_000, 'wideEnd' => 'bottom'],
            '/lower',
            'wide end is the top',
        ];
        yield 'a cylinder as a taper' => [
            SurfaceKind::Taper,
            ['upper' => 600_000, 'lower' => 600_000, 'slant' => 100_000],
            '/lower',
            'cylinder',
        ];
        yield 'no outline' => [SurfaceKind::Outline, ['width' => 50_000], '/outline', 'photo'];
        yield 'an outline of no size' => [
            SurfaceKind::Outline,
            ['outline' => 'M0 0H10V10Z'],
            '/width',
            'one true dimension',
        ];
        yield 'a broken outline' => [SurfaceKind::Outline, ['outline' => 'M0 0L', 'width' => 5000], '/outline', ''];
        yield 'a corner rounder than the thing' => [
            SurfaceKind::Rectangle,
            ['width' => 10_000, 'height' => 10_000, 'corner' => 8000],
            '/corner',
            'half the shorter side',
        ];
    }

    /** @param array<string, int|float|string> $of */
    #[DataProvider('absurd')]
    public function testAbsurdMeasuresAreSaidAtTheirField(SurfaceKind $kind, array $of, string $at, string $says): void
    {
        try {
            $kind->surface($of);
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame($at, $refused->at);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testKeepOutsTakeTheirMargins(): void
    {
        $rules = Rules::standard();
        $region = static fn (KeepOut $what, int $x = 100_000, int $y = 50_000, int $w = 0, int $h = 0) => $what
            ->region(200_000, 100_000, $x, $y, $w, $h, $rules)
            ->box();
        self::assertSame(
            [0, 200_000, 15_000],
            [$region(KeepOut::Lip)->left, $region(KeepOut::Lip)->right, $region(KeepOut::Lip)->bottom],
        );
        self::assertSame(
            [97_000, 103_000, 100_000],
            [$region(KeepOut::Seam)->left, $region(KeepOut::Seam)->right, $region(KeepOut::Seam)->height()],
        );
        self::assertSame(
            [80_000, 120_000],
            [
                $region(KeepOut::Handle, w: 20_000, h: 60_000)->left,
                $region(KeepOut::Handle, w: 20_000, h: 60_000)->right,
            ],
        );
        self::assertEqualsWithDelta(18_000, $region(KeepOut::Hole, w: 10_000)->width(), 6);
        self::assertSame(20_000, $region(KeepOut::Hinge, w: 10_000, h: 4000)->width());
        foreach ([[300_000, 50_000, '/x'], [100_000, 150_000, '/y']] as [$x, $y, $at]) {
            try {
                $region(KeepOut::Hole, $x, $y, 5000);
                self::fail('not refused');
            } catch (Refused $refused) {
                self::assertSame($at, $refused->at);
            }
        }
    }
}
