<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Anchor;
use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\Setting;
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
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The first size is the largest whose middle is on the object's middle, inside what is seen. Source: handbook section
 * 3.
 */
final class FirstSizeTest extends TestCase
{
    private const WORDS = ['Ada', 'Bartholomew', 'Gypsy', 'Heron', 'Ll', 'Marigold', 'Quay 7', 'Peas'];
    private const FACES = ['oswald', 'pacifico', 'alfa-slab', 'bebas', 'lobster'];
    /** µm: corners are rounded to the grid. */
    private const GRID = 3;

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 24; ++$seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testWhatIsToldFitsInTheMiddleAndMoreDoesNot(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $surface = self::surface($random, $seed % 6);
        $lines = array_map(
            static fn (): string => self::WORDS[$random->getInt(0, \count(self::WORDS) - 1)],
            range(1, 1 + $seed % 3),
        );
        $words = Words::set(
            Lettering::faces()->named(self::FACES[$random->getInt(0, \count(self::FACES) - 1)]),
            $lines,
            new Setting(1 === \count($lines) ? Arrangement::Line : Arrangement::Stack),
        );
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $fitted = $fitting->fit($surface, $words);
        $safe = $fitted->safe->box();
        $art = $fitted->artwork->box();
        self::assertEqualsWithDelta($safe->left + $safe->right, 2 * $fitted->at[0] + $art->width(), 2 * self::GRID);
        self::assertEqualsWithDelta($safe->top + $safe->bottom, 2 * $fitted->at[1] + $art->height(), 2 * self::GRID);
        $top = $fitted->artwork->top();
        self::assertTrue(Geos::covers(Geos::grow($fitted->safe, self::GRID), $top->moved(...$fitted->at)), 'it fits');
        $middle = [$fitted->at[0] + $art->width() / 2, $fitted->at[1] + $art->height() / 2];
        $more = $top->put(1.006, $middle[0] - 1.006 * $art->width() / 2, $middle[1] - 1.006 * $art->height() / 2);
        self::assertFalse(Geos::covers($fitted->safe, $more), '0.6 % more does not');
        $typed = $fitting->fit($surface, $words, (int) ceil(1.006 * $fitted->capHeight) + 1);
        self::assertFalse($typed->inside, 'and is told so where it is typed');
        $anywhere = $fitting->fit($surface, $words, centred: false);
        self::assertGreaterThanOrEqual($fitted->capHeight - 2, $anywhere->capHeight);
    }

    /** The same on what is bent, creases or has any outline: told it fits and lies flat, 0.6 % more does not. */
    #[DataProvider('seeds')]
    public function testWhatIsToldOfRoundAndOddThingsHoldsToo(int $seed): void
    {
        $random = new Randomizer(new Mt19937(1000 + $seed));
        $mm = static fn (int $least, int $most): Length => Length::millimetres($random->getInt($least, $most));
        $surface = match ($seed % 3) {
            0 => new Taper($mm(500, 900), $mm(260, 490), $mm(90, 260), seen: 120),
            1 => new Ball($mm(60, 300), 120),
            default => new OddShape(self::odd($random)),
        };
        $words = Words::set(
            Lettering::faces()->named(self::FACES[$random->getInt(0, \count(self::FACES) - 1)]),
            [self::WORDS[$random->getInt(0, \count(self::WORDS) - 1)]],
            new Setting(),
        );
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $fitted = $fitting->fit($surface, $words);
        $isFlat = static fn (Fitted $of): bool => ($of->strain ?? 0.0) <= Rules::standard()->share(Rule::BallFlat) + 0.0001;
        self::assertTrue($fitted->inside && $isFlat($fitted), 'it fits');
        self::assertTrue(
            Geos::covers(
                Geos::grow($fitted->safe, self::GRID),
                $fitted->artwork->top()->moved(...$fitted->at),
            ),
        );
        $typed = $fitting->fit($surface, $words, (int) ceil(1.006 * $fitted->capHeight) + 1);
        self::assertFalse($typed->inside && $isFlat($typed), '0.6 % more does not');
        if (!$surface instanceof OddShape) {
            $safe = $fitted->safe->box();
            $art = $fitted->artwork->box();
            self::assertEqualsWithDelta($safe->left + $safe->right, 2 * $fitted->at[0] + $art->width(), 200);
            self::assertEqualsWithDelta($safe->top + $safe->bottom, 2 * $fitted->at[1] + $art->height(), 200);
        }
    }

    /** Some outline, as of a leaf or a stone. */
    private static function odd(Randomizer $random): Region
    {
        $corners = $random->getInt(7, 16);
        $ring = [];
        for ($nth = 0; $nth < $corners; ++$nth) {
            $far = 1000 * $random->getInt(50, 150);
            $turn = (2 * \M_PI * $nth) / $corners;
            $ring[] = [(int) round($far * cos($turn)), (int) round(0.7 * $far * sin($turn))];
        }

        return new Region([[$ring]]);
    }

    private static function surface(Randomizer $random, int $kind): Surface
    {
        $mm = static fn (int $least, int $most): Length => Length::millimetres($random->getInt($least, $most));
        $size = new Size($mm(60, 400), $mm(40, 300));
        $surface = match ($kind) {
            0 => new Rectangle($size, Length::millimetres($random->getInt(0, 8))),
            1 => new Ellipse($size),
            2 => new Polygon($size, $random->getInt(3, 9)),
            3 => new Cylinder($mm(150, 500), $mm(60, 200), 120),
            4 => new Rectangle($size, Length::millimetres(0)),
            default => new Ellipse($size),
        };
        if ($kind < 4) {
            return $surface;
        }
        $hole = ConvexArea::ellipse($size->width->micrometres / 2, 12_000, 6_000, 6_000)->region();

        return new SurfaceLessKeepOuts($surface, $hole);
    }

    public function testTwoLinesOnADiscAndAHexagonLieInTheMiddle(): void
    {
        foreach (
            [
                new Ellipse(Size::millimetres(96, 96)),
                new Polygon(Size::millimetres(120, 104), 6),
            ] as $surface
        ) {
            $fitted = $this->fit($surface, ['Sweet', 'Peas']);
            $box = $fitted->artwork->box();
            self::assertEqualsWithDelta($surface->size()->width->micrometres, 2 * $fitted->at[0] + $box->width(), 2);
            self::assertEqualsWithDelta($surface->size()->height->micrometres, 2 * $fitted->at[1] + $box->height(), 2);
        }
    }

    public function testALipMovesTheMiddleAndAHoleDoesNot(): void
    {
        $mug = new Cylinder(Length::millimetres(258), Length::millimetres(95), 120);
        $lip = new SurfaceLessKeepOuts($mug, Box::sized(258_000, 15_000)->region());
        [$plain, $kept] = [$this->fit($mug, ['Ada']), $this->fit($lip, ['Ada'])];
        $middle = static fn (Fitted $fitted): float => $fitted->at[1] + $fitted->artwork->box()->height() / 2;
        self::assertEqualsWithDelta(47_500, $middle($plain), 2);
        // From 15 mm under the rim to the clearance at the foot.
        self::assertEqualsWithDelta((15_000 + 95_000 - $mug->clearance(Rules::standard())) / 2, $middle($kept), 2);
        self::assertLessThanOrEqual(86_000, $kept->artwork->box()->width(), 'inside what is seen from the front');
        $plate = new Rectangle(Size::millimetres(120, 60), Length::millimetres(0));
        $hole = new SurfaceLessKeepOuts($plate, ConvexArea::ellipse(60_000, 10_000, 6_000, 6_000)->region());
        self::assertEqualsWithDelta(30_000, $middle($this->fit($hole, ['Ada'])), 2);
    }

    public function testASymmetricalShapeHasAnAxisAndAnyOtherTheLargestPlace(): void
    {
        $sign = new OddShape(SvgPath::read('M0 40L100 0L200 40V120H130V150H70V120H0Z'));
        self::assertEqualsWithDelta(100_000, $sign->axis(), 1);
        $fitted = $this->fit($sign, ['Marigold']);
        self::assertEqualsWithDelta(100_000, $fitted->at[0] + $fitted->artwork->box()->width() / 2, 2);
        self::assertTrue($fitted->inside);
        $boot = new OddShape(SvgPath::read('M0 0H60V100H160V160H0Z'));
        self::assertNull($boot->axis());
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $words = Words::set(Lettering::faces()->named('oswald'), ['Marigold'], new Setting());
        self::assertEquals($fitting->fit($boot, $words, centred: false), $fitting->fit($boot, $words));
    }

    public function testWhereTheMiddleIsNotFreeItIsTheLargestPlace(): void
    {
        $ring = new Ring(Size::millimetres(60, 60), Size::millimetres(160, 160));
        self::assertTrue($this->fit($ring, ['Ada'])->inside);
        $round = SvgPath::read('M0 50A50 50 0 1 1 100 50A50 50 0 1 1 0 50ZM10 50A40 40 0 1 0 90 50A40 40 0 1 0 10 50Z');
        $free = (new Ring(Size::millimetres(60, 60), Size::millimetres(160, 160)))->safe(3_000);
        $room = new AnchoredRoom($free, new Anchor(80_000, 80_000));
        $largest = $room->largest($round);
        // Out to 77 mm from the middle.
        self::assertEqualsWithDelta(1.54, $largest->scale(), 0.002, 'a ring goes round the badge, not beside it');
        self::assertEquals([80_000, 80_000], $largest->middle($largest->scale(), [0, 0]));
    }

    public function testAHandleOnTheJoinKeepsBothEndsClear(): void
    {
        $handle = static fn (Surface $surface, Region $part): Region => (new SurfaceLessKeepOuts($surface, $part))->keepOuts;
        $wall = new Cylinder(Length::millimetres(280), Length::millimetres(120), 360);
        $kept = $handle($wall, (new Box(-12_000, 30_000, 12_000, 90_000))->region());
        $wrapped = $this->fit(new SurfaceLessKeepOuts($wall, $kept), ['Bartholomew Bartholomew']);
        self::assertGreaterThanOrEqual(12_000, $wrapped->at[0]);
        self::assertLessThanOrEqual(268_000, $wrapped->at[0] + $wrapped->artwork->box()->width());
        $bucket = new Taper(Length::millimetres(942.5), Length::millimetres(628.3), Length::millimetres(250));
        $whole = $bucket->laid((new Box(-5_000, 0, 5_000, 250_000))->region());
        self::assertEqualsWithDelta(
            $whole->area(),
            Geos::intersection($handle($bucket, $whole), $bucket->outline())->area(),
            0.01 * $whole->area(),
            'half of it at either end',
        );
    }

    public function testOnABallEachPartLiesFlatByItself(): void
    {
        $ball = new Ball(Length::millimetres(100), 120);
        $fitted = $this->fit($ball, ['Heron']);
        self::assertLessThan(Rules::standard()->share(Rule::BallFlat) + 1e-5, $fitted->strain);
        self::assertGreaterThan(12_000, $fitted->capHeight, 'not letters of some 5 mm');
        self::assertTrue($fitted->inside);
        $more = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            $ball,
            Words::set(Lettering::faces()->named('oswald'), ['Heron'], new Setting()),
            (int) (1.02 * $fitted->capHeight),
        );
        self::assertTrue(!$more->inside || $more->strain > Rules::standard()->share(Rule::BallFlat));
    }

    public function testAWidthAHeightOrBothAreMet(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $plate = new Rectangle(Size::millimetres(300, 100), Length::millimetres(0));
        $words = Words::set(Lettering::faces()->named('oswald'), ['Marigold'], new Setting());
        foreach ([null, 2_000] as $rim) {
            $wide = $fitting->fitTo($plate, $words, 120_000, null, $rim)->artwork->box();
            self::assertLessThanOrEqual(120_000, $wide->width());
            self::assertGreaterThan(119_950, $wide->width());
            $high = $fitting->fitTo($plate, $words, null, 40_000, $rim)->artwork->box();
            self::assertLessThanOrEqual(40_000, $high->height());
            self::assertGreaterThan(39_950, $high->height());
            $both = $fitting->fitTo($plate, $words, 120_000, 20_000, $rim)->artwork->box();
            self::assertTrue($both->width() <= 120_000 && $both->height() <= 20_000);
            self::assertTrue($both->width() > 119_950 || $both->height() > 19_950);
        }
    }

    public function testASetHasOneHeightOfTheOneThatAllowsLeastInTheMiddle(): void
    {
        $members = array_map(
            static fn (string $name): Words => Words::set(Lettering::faces()->named('oswald'), [$name], new Setting()),
            ['Ada', 'Bartholomew'],
        );
        $set = (new SetFitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Ellipse(Size::millimetres(96, 60)),
            $members,
        );
        self::assertSame(
            $set->capHeight,
            min(array_column($set->members, 'alone')),
        );
        foreach ($set->members as $member) {
            $box = $member->fitted->artwork->box();
            self::assertEqualsWithDelta(96_000, 2 * $member->fitted->at[0] + $box->width(), 3);
            self::assertEqualsWithDelta(60_000, 2 * $member->fitted->at[1] + $box->height(), 3);
        }
    }

    /** @param list<string> $lines */
    private function fit(Surface $surface, array $lines): Fitted
    {
        return (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            $surface,
            Words::set(
                Lettering::faces()->named('oswald'),
                $lines,
                new Setting(1 === \count($lines) ? Arrangement::Line : Arrangement::Stack),
            ),
        );
    }
}
