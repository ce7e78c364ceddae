<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\Oval;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\SketchFitting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Ring;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Words on every surface the shop meets, in every arrangement. */
final class FittingSurfacesTest extends TestCase
{
    private const BLOB = 'M10 50C10 10 60 0 100 20S190 0 190 50S140 110 100 80S10 100 10 50Z';

    private static function mm(float $mm): Length
    {
        return Length::millimetres($mm);
    }

    /** @param list<string> $lines */
    private function fit(
        Surface $surface,
        array $lines,
        Setting $setting,
        ?int $capHeight = null,
        ?int $offset = null,
        string $face = 'oswald',
    ): Fitted {
        return (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            $surface,
            Words::set(Lettering::faces()->named($face), $lines, $setting),
            $capHeight,
            $offset,
        );
    }

    /** @return iterable<string, array{Surface, list<string>, Setting}> */
    public static function all(): iterable
    {
        $plate = new Rectangle(Size::millimetres(180, 90), self::mm(4));
        $surfaces = [
            'hexagon' => new Polygon(Size::millimetres(115.47, 100), 6),
            'triangle' => new Polygon(Size::millimetres(100, 90), 3),
            'ring' => new Ring(Size::millimetres(60, 60), Size::millimetres(120, 120)),
            'oval ring' => new Ring(Size::millimetres(90, 40), Size::millimetres(160, 100)),
            'odd shape' => new OddShape(SvgPath::read(self::BLOB)),
            'cylinder' => new Cylinder(self::mm(258), self::mm(95), 120),
            'bucket' => new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), true, 120),
            'bucket with a seam in front' => new SurfaceLessKeepOuts(
                new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), true, 120),
                (new Taper(self::mm(942.5), self::mm(628.3), self::mm(250)))->laid(
                    (new Box(330_000, 0, 336_000, 250_000))->region(),
                ),
            ),
            'can' => new Taper(self::mm(680), self::mm(520), self::mm(310), false, 120),
            'ball' => new Ball(self::mm(150)),
            'plate with a handle' => new SurfaceLessKeepOuts($plate, SvgPath::read('M80 0H100V30H80Z')),
            'plate with a seam' => new SurfaceLessKeepOuts($plate, SvgPath::read('M60 0H66V90H60Z')),
        ];
        $settings = [
            'line' => [['Marigold'], new Setting()],
            'stack' => [['Sweet', 'Peas'], new Setting(Arrangement::Stack)],
            'arc' => [['Marigold'], new Setting(Arrangement::ArcUp)],
            'ring' => [['Lockside', 'Plots'], new Setting(Arrangement::Ring)],
            'framed monogram' => [['PRL'], new Setting(Arrangement::Monogram, frame: Frame::Rule)],
        ];
        foreach ($surfaces as $what => $surface) {
            // A place search on a taper takes a second: two ways of setting do.
            $tried = 'bucket with a seam in front' === $what ? \array_slice($settings, 0, 2) : $settings;
            foreach ($tried as $how => [$lines, $setting]) {
                yield "$how on $what" => [$surface, $lines, $setting];
            }
        }
    }

    /** @param list<string> $lines */
    #[DataProvider('all')]
    public function testFitsInsideAndHalfAPercentMoreDoesNot(Surface $surface, array $lines, Setting $setting): void
    {
        $fitted = $this->fit($surface, $lines, $setting);
        self::assertTrue($fitted->inside);
        self::assertTrue(
            Geos::covers(Geos::grow($fitted->safe, 3), $fitted->artwork->top()->moved(...$fitted->at)),
            'every point lies in the safe area',
        );
        self::assertSame($fitted->capHeight, $fitted->largest);
        $more = $this->fit($surface, $lines, $setting, (int) ceil($fitted->capHeight * 1.005) + 1);
        self::assertTrue(
            !$more->inside || $more->strain > Rules::standard()->share(Rule::BallFlat),
            'half a per cent more does not fit, or does not lie flat',
        );
    }

    /** Once a surface: how the words are set changes neither. */
    public function testSmallerFitsTooAndTheSameGivesTheSame(): void
    {
        foreach (self::all() as $case => [$surface, $lines, $setting]) {
            if (str_starts_with($case, 'line on ')) {
                $fitted = $this->fit($surface, $lines, $setting);
                self::assertTrue(
                    $this->fit($surface, $lines, $setting, (int) ($fitted->capHeight * 0.8))->inside,
                    "$case: a smaller one does",
                );
                self::assertEquals($fitted, $this->fit($surface, $lines, $setting), "$case: the same answer twice");
            }
        }
    }

    public function testKeepOutsAreNeverTouched(): void
    {
        $keepOut = SvgPath::read('M80 0H100V30H80ZM10 60H30V80H10Z');
        $surface = new SurfaceLessKeepOuts(new Rectangle(Size::millimetres(180, 90), self::mm(0)), $keepOut);
        foreach (['Ada', 'Marigold', 'y', 'Tideway Rowing Club'] as $words) {
            foreach ([null, 1500] as $offset) {
                $fitted = $this->fit($surface, [$words], new Setting(), null, $offset);
                $outermost = $fitted->artwork->outermost()->moved(...$fitted->at);
                self::assertLessThan(0.02, Geos::intersection($outermost, $keepOut)->area());
                self::assertTrue($fitted->inside);
            }
        }
    }

    /** A ring of words goes round the badge, as large as what is free allows. */
    public function testARingGoesRoundABadge(): void
    {
        $badge = new Ring(Size::millimetres(60, 60), Size::millimetres(120, 120));
        $fitted = $this->fit($badge, ['Lockside', 'Plots'], new Setting(Arrangement::Ring));
        $box = $fitted->artwork->box();
        self::assertGreaterThan(90_000, $box->height(), 'round the badge, not beside it');
        self::assertEqualsWithDelta(60_000, $fitted->at[1] + $box->height() / 2, 1500);
        $small = $this->fit($badge, ['Lockside', 'Plots'], new Setting(Arrangement::Ring), 8000);
        self::assertTrue($small->inside);
        self::assertGreaterThan(70_000, $small->artwork->box()->height());
    }

    /**
     * Words in a band follow a true oval: they stand in seven tenths of it, all of them, and a hair more does not fit.
     * Halves of the sides, mm.
     */
    public function testWordsInABandFollowATrueOval(): void
    {
        foreach (
            [
                [[60, 54], [86, 80], 'bebas', ['CANAL WHARF', 'ROWING CLUB']],
                [[54, 60], [80, 86], 'bebas', ['CANAL WHARF', 'ROWING CLUB']],
                [[100, 70], [150, 120], 'fredoka', ['LANTERN', 'TOWPATH']],
                [[90, 40], [130, 80], 'oswald', ['HERON']],
            ] as [$inner, $outer, $face, $lines]
        ) {
            $badge = new Ring(Size::millimetres(...$inner), Size::millimetres(...$outer));
            $words = Words::set(Lettering::faces()->named($face), $lines, new Setting(Arrangement::Ring));
            $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
            $fitted = $fitting->fit($badge, $words);
            $band = 500 * ($outer[0] - $inner[0]);
            self::assertTrue($fitted->inside);
            self::assertGreaterThan(0.6 * $band, $fitted->capHeight, $face);
            self::assertLessThan(0.76 * $band, $fitted->capHeight, $face);
            self::assertFalse($fitting->fit($badge, $words, (int) (1.012 * $fitted->capHeight))->inside);
            // Each letter keeps its distance to what it goes round: all of them about the same.
            $hole = (new Ellipse(Size::millimetres(...$inner)))->outline()->moved(
                500 * ($outer[0] - $inner[0]),
                500 * ($outer[1] - $inner[1]),
            );
            $away = array_map(
                static fn (Region $letter): float => Geos::distance($letter->moved(...$fitted->at), $hole),
                $fitted->artwork->top()->pieces(),
            );
            self::assertNotSame([], $away);
            sort($away);
            self::assertGreaterThan(Ring::GAP - 5, $away[0]);
            self::assertLessThan(0.12 * $band, $away[\count($away) - 1] - $away[0], $face);
        }
    }

    /** A quarter at a time: as long as the trade's own formula says, and evenly walked. */
    public function testAnOvalIsWalkedEvenly(): void
    {
        [$a, $b] = [50_000.0, 30_000.0];
        $oval = new Oval($a, $b);
        $h = (($a - $b) / ($a + $b)) ** 2;
        $round = \M_PI * ($a + $b) * (1 + (3 * $h) / (10 + sqrt(4 - 3 * $h)));
        self::assertEqualsWithDelta($round, $oval->length(), 1.0);
        $before = $oval->at($oval->angleAt(-0.6 * $round));
        for ($nth = -59; $nth <= 60; ++$nth) {
            $next = $oval->at($oval->angleAt(($nth * $round) / 100));
            self::assertEqualsWithDelta($round / 100, hypot($next[0] - $before[0], $next[1] - $before[1]), 8);
            self::assertEqualsWithDelta(1, ($next[0] / $a) ** 2 + ($next[1] / $b) ** 2, 1e-9);
            $before = $next;
        }
        $circle = new Oval(40_000, 40_000);
        self::assertEqualsWithDelta(0.5, $circle->slope($circle->angleAt(20_000)), 1e-9);
        self::assertEqualsWithDelta(10_000, $circle->leastTo(50_000, 50_000), 1e-6);
    }

    public function testACircleOfAGivenRadiusIsKept(): void
    {
        $disc = new Ellipse(Size::millimetres(120, 120));
        $fitted = $this->fit($disc, ['Lockside', 'Plots'], new Setting(Arrangement::Ring, radius: 40_000));
        self::assertTrue($fitted->inside);
        self::assertEqualsWithDelta(2 * 52_800, $fitted->artwork->box()->height(), 1500);
        self::assertFalse(
            $this->fit(
                $disc,
                ['Lockside', 'Plots'],
                new Setting(Arrangement::Ring, radius: 40_000),
                (int) ($fitted->capHeight * 1.01),
            )->inside,
        );
        $this->expectExceptionMessageMatches('~no room for these words~');
        $this->fit($disc, ['Lockside', 'Plots'], new Setting(Arrangement::Ring, radius: 60_000));
    }

    /** Over 1 mm the droop shows and the art is bent; under it a straight line is left straight. */
    public function testArtIsBentOnATaperWhereItWouldShow(): void
    {
        $bucket = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250));
        $large = $this->fit($bucket, ['Ploughboy'], new Setting(), 30_000);
        self::assertTrue($large->bent);
        self::assertGreaterThan(1000, $large->droop);
        $small = $this->fit($bucket, ['Ada'], new Setting(), 15_000);
        self::assertFalse($small->bent);
        self::assertLessThanOrEqual(1000, $small->droop);
        self::assertEqualsWithDelta(
            Lettering::typesetter()->artwork(Lettering::words('oswald', 'Ada'), 15_000)->box()->width(),
            $small->artwork->box()->width(),
            3,
            'straight',
        );
    }

    public function testBentArtFollowsTheRim(): void
    {
        foreach ([true, false] as $wideUp) {
            $taper = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), $wideUp);
            $fitted = $this->fit($taper, ['HHHHHHHHHH'], new Setting(), 40_000);
            $downs = [];
            foreach ($fitted->artwork->top()->moved(...$fitted->at)->pieces() as $piece) {
                $downs[] = min(
                    \INF,
                    ...array_map(
                        static fn (array $point): float => $taper->straightened(...$point)[1],
                        $piece->rings()[0],
                    ),
                );
            }
            self::assertLessThan(
                30,
                max(0.0, ...$downs) - min(\INF, ...$downs),
                'every letter has the same distance from the rim',
            );
            $box = $fitted->artwork->box();
            self::assertGreaterThan(40_000 + 0.9 * $fitted->droop, $box->height());
        }
    }

    public function testAPlaceGivenOnATaperIsTheArtsOwnCorner(): void
    {
        $bucket = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250));
        $words = Lettering::words('oswald', 'Ploughboy');
        $placed = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            $bucket,
            $words,
            30_000,
            at: [200_000, 90_000],
        );
        self::assertEqualsWithDelta(200_000, $placed->at[0], 60);
        self::assertEqualsWithDelta(90_000, $placed->at[1], 60);
    }

    public function testABallIsFlatAsFarAsItsStrainAllows(): void
    {
        $fitted = $this->fit(new Ball(self::mm(150)), ['Kestrel'], new Setting());
        self::assertEqualsWithDelta(0.015, $fitted->strain, 0.0002);
        self::assertGreaterThan(
            0.04,
            $this->fit(new Ball(self::mm(150)), ['Kestrel'], new Setting(), 2 * $fitted->capHeight)->strain,
        );
    }

    /** @return iterable<string, array{Surface, string, string}> */
    public static function noRoom(): iterable
    {
        $plate = new Rectangle(Size::millimetres(100, 60), self::mm(0));
        yield 'keep-outs all over' => [
            new SurfaceLessKeepOuts($plate, SvgPath::read('M-1 -1H101V61H-1Z')),
            '/keepOuts',
            'stay clear',
        ];
        yield 'a sliver of a thing' => [
            new Rectangle(Size::millimetres(100, 5), self::mm(0)),
            '/object',
            '3 mm to every edge',
        ];
        yield 'a ring with no film left' => [
            new Ring(Size::millimetres(118, 118), Size::millimetres(120, 120)),
            '/object',
            'no room',
        ];
    }

    #[DataProvider('noRoom')]
    public function testNoRoomIsSaidAtItsField(Surface $surface, string $at, string $says): void
    {
        try {
            $this->fit($surface, ['Ada'], new Setting());
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame($at, $refused->at);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testSketchesComeNearTheFit(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $sketches = new SketchFitting(Lettering::typesetter(), Rules::standard());
        foreach (self::all() as $what => [$surface, $lines, $setting]) {
            if (Frame::None !== $setting->frame) {
                continue;
            }
            $words = Words::set(Lettering::faces()->named('oswald'), $lines, $setting);
            [$height] = $sketches->sketch($surface, $sketches->room($surface), $words);
            $exact = $fitting->fit($surface, $words)->capHeight;
            // Bent about the middle of its box it is fitted a hair lower than it is sketched, and along an oval.
            $hair = 1 === preg_match('~bucket|can|oval ring~', $what) ? 1.035 : 1.012;
            self::assertLessThan($hair * $exact, $height, $what);
            self::assertGreaterThan(0.87 * $exact, $height, $what);
        }
    }
}
