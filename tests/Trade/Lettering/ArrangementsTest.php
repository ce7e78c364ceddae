<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Align;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\KnockoutShape;
use Yelbo\Trade\Lettering\LineStyle;
use Yelbo\Trade\Lettering\MonogramOrder;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Every way words are set. Source: handbook section 4. */
final class ArrangementsTest extends TestCase
{
    private const CAP = 20_000;

    /** @param list<string> $lines */
    private function set(array $lines, Setting $setting, string $face = 'oswald', int $cap = self::CAP): Region
    {
        return Lettering::typesetter()->top(Words::set(Lettering::faces()->named($face), $lines, $setting), $cap);
    }

    private function farthest(Region $region): float
    {
        return max(
            0.0,
            ...array_map(static fn (array $point): float => hypot(...$point), Hull::ofRegion($region)->corners),
        );
    }

    public function testAnArcStandsOnItsCircle(): void
    {
        $up = $this->set(['HHHHH'], new Setting(Arrangement::ArcUp, radius: 60_000));
        // The middle H stands upright on top of the circle: its feet at the radius, its head a letter height further.
        self::assertEqualsWithDelta(-80_000, $up->box()->top, 400);
        self::assertEqualsWithDelta(60_000, abs(Inscribed::depth($up, 0, 0)), 400);
        self::assertLessThan(hypot(80_000, 6000), $this->farthest($up));
        $down = $this->set(['HHHHH'], new Setting(Arrangement::ArcDown, radius: 60_000));
        self::assertEqualsWithDelta(60_000, $down->box()->bottom, 400);
        self::assertEqualsWithDelta(40_000, abs(Inscribed::depth($down, 0, 0)), 400);
    }

    public function testArcsKeepEveryLetterAndItsShape(): void
    {
        $line = $this->set(['HOIH'], new Setting());
        foreach ([Arrangement::ArcUp, Arrangement::ArcDown] as $arrangement) {
            $arc = $this->set(['HOIH'], new Setting($arrangement, radius: 70_000));
            self::assertCount(4, $arc->polygons);
            self::assertSame($line->holes(), $arc->holes());
            self::assertEqualsWithDelta($line->area(), $arc->area(), $line->area() * 0.001);
        }
    }

    /** Outside the circle letters open up, inside they close up: both are spaced against it. */
    public function testSpacingIsCompensatedForTheRadius(): void
    {
        $gap = static function (Region $region): float {
            $pieces = $region->pieces();
            usort($pieces, static fn (Region $a, Region $b): int => $a->box()->left <=> $b->box()->left);

            return Geos::distance($pieces[0], $pieces[1]);
        };
        $straight = $gap($this->set(['HH'], new Setting()));
        foreach (
            [
                [Arrangement::ArcUp, 40_000],
                [Arrangement::ArcUp, 100_000],
                [Arrangement::ArcDown, 60_000],
                [Arrangement::ArcDown, 100_000],
            ] as [$arrangement, $radius]
        ) {
            $bent = $gap($this->set(['HH'], new Setting($arrangement, radius: $radius)));
            self::assertGreaterThan(0.35 * $straight, $bent, "{$arrangement->value} $radius");
            self::assertLessThan(1.5 * $straight, $bent, "{$arrangement->value} $radius");
        }
    }

    public function testARingIsUprightBelow(): void
    {
        $ring = $this->set(['H', 'T'], new Setting(Arrangement::Ring, radius: 50_000));
        $box = $ring->box();
        self::assertEqualsWithDelta(-70_000, $box->top, 300);
        self::assertEqualsWithDelta(70_000, $box->bottom, 300);
        // The bar of an upright T is on its inner side, near the middle.
        $below = Geos::clipped($ring, new Box(-50_000, 0, 50_000, 80_000));
        $bar = Geos::clipped($below, new Box(-50_000, 49_000, 50_000, 53_000))->box()->width();
        $foot = Geos::clipped($below, new Box(-50_000, 66_000, 50_000, 70_000))->box()->width();
        self::assertGreaterThan(2 * $foot, $bar);
    }

    public function testAMonogramInItsThreeOrders(): void
    {
        $widths = [];
        foreach (['I', 'M', 'W'] as $letter) {
            $widths[$letter] = $this->set([$letter], new Setting())
                ->box()
                ->width();
        }
        $order = function (MonogramOrder $order) use ($widths): array {
            $pieces = $this->set(['I', 'M', 'W'], new Setting(Arrangement::Monogram, order: $order))->pieces();
            usort($pieces, static fn (Region $a, Region $b): int => $a->box()->left <=> $b->box()->left);

            return array_map(static function (Region $piece) use ($widths): array {
                $height = $piece->box()->height() / self::CAP;
                $plain = $piece->box()->width() / max(0.1, $height);
                asort($widths);
                $near = array_map(static fn (int $width): float => abs($width - $plain), $widths);
                asort($near);

                return [array_key_first($near), round($height, 1)];
            }, $pieces);
        };
        self::assertSame([['I', 0.7], ['W', 1.0], ['M', 0.7]], $order(MonogramOrder::FamilyCentre));
        self::assertSame([['I', 1.0], ['M', 1.0], ['W', 1.0]], $order(MonogramOrder::Equal));
        self::assertSame([['I', 0.7], ['W', 1.0], ['M', 0.7]], $order(MonogramOrder::Couple));
    }

    public function testAMonogramOutOfNamesOrOneWord(): void
    {
        $face = Lettering::faces()->named('cinzel');
        $setting = new Setting(Arrangement::Monogram);
        foreach ([['Perpetua', 'Rose', 'Lyle'], ['Perpetua Rose Lyle'], ['PRL'], ['P. R. L.']] as $lines) {
            self::assertSame(['P', 'R', 'L'], Words::set($face, $lines, $setting)->lines);
        }
        $this->expectExceptionMessageMatches('~three letters~');
        Words::set($face, ['Perpetua'], $setting);
    }

    public function testABigInitialWithItsNameAcross(): void
    {
        $face = Lettering::faces()->named('alfa-slab');
        self::assertSame(['A', 'ada'], Words::set($face, ['ada'], new Setting(Arrangement::Initial))->lines);
        $initial = $this->set(['M', 'ill'], new Setting(Arrangement::Initial), 'alfa-slab');
        $alone = $this->set(['M'], new Setting(), 'alfa-slab');
        self::assertEqualsWithDelta($alone->box()->height(), $initial->box()->height(), 4);
        self::assertGreaterThan(4, \count($initial->polygons), 'the name is parted from the letter by clear film');
    }

    /** A script word over a block word, a year as high as it should be: each line by its own figures. */
    public function testEachLineHasItsOwnFaceAndHeight(): void
    {
        $lobster = Lettering::faces()->named('lobster');
        $styles = [new LineStyle($lobster, 0.5), new LineStyle(), new LineStyle(null, 0.25)];
        $set = new Setting(Arrangement::Stack, styles: $styles);
        $words = Words::set(Lettering::faces()->named('oswald'), ['H', 'H', 'H'], $set);
        $pieces = Lettering::typesetter()->top($words, 40_000)->pieces();
        usort($pieces, static fn (Region $a, Region $b): int => $a->box()->top <=> $b->box()->top);
        $heights = array_map(static fn (Region $piece): int => $piece->box()->height(), $pieces);
        self::assertEqualsWithDelta(40_000, $heights[1], 60);
        self::assertEqualsWithDelta(10_000, $heights[2], 60);
        $own = $this->set(['H'], new Setting(), 'lobster', 20_000)->box();
        self::assertEqualsWithDelta($own->height(), $heights[0], 60, 'in its own face at its own height');
        self::assertEqualsWithDelta($own->width(), $pieces[0]->box()->width(), 60);
        foreach ([[0, 0.5], [1, 0.25]] as [$nth, $lower]) {
            $clear = $pieces[$nth + 1]->box()->top - $pieces[$nth]->box()->bottom;
            self::assertEqualsWithDelta(0.25 * $lower * 40_000, $clear, 60, 'as much as the lower of the two asks for');
        }
        self::assertEqualsWithDelta(0.25, Lettering::typesetter()->smallest($words), 1e-9);
        // The sketch is of the same lines.
        $sketch = Lettering::typesetter()->sketch($words);
        self::assertEqualsWithDelta(
            Lettering::typesetter()->top($words, 20_000)->box()->height(),
            $sketch->box()->height(),
            120,
        );
    }

    public function testLinesAreSetToOneWidth(): void
    {
        $set = new Setting(Arrangement::Stack, lineSpacing: 0.4, justify: true);
        $words = Words::set(Lettering::faces()->named('oswald'), ['OAK', 'LANTERN TOWPATH', 'BOATS'], $set);
        $region = Lettering::typesetter()->top($words, 40_000);
        $shares = Lettering::typesetter()->shares($words);
        self::assertSame(1.0, $shares[0], 'the shortest is as high as the letter height');
        $lines = [];
        foreach ($region->pieces() as $piece) {
            $middle = ($piece->box()->top + $piece->box()->bottom) / 2;
            $nth = $middle < 2000 ? 0 : ($piece->box()->height() < 0.6 * 40_000 * $shares[2] ? 1 : 2);
            $lines[$nth] = isset($lines[$nth]) ? $lines[$nth]->around($piece->box()) : $piece->box();
        }
        self::assertCount(3, $lines);
        $widths = array_map(static fn (Box $box): int => $box->width(), array_values($lines));
        self::assertLessThan(150, max($widths) - min($widths));
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(200, 120), Length::millimetres(0)),
            $words,
        );
        self::assertTrue($fitted->inside);
        self::assertCount(3, $fitted->lineHeights());
        self::assertSame(min($fitted->lineHeights()), $fitted->smallest());
    }

    public function testLettersKnockedOutOfASolid(): void
    {
        $straight = $this->set(['BOX'], new Setting());
        $round = $this->set(['BOX'], new Setting(Arrangement::Ring));
        foreach (KnockoutShape::cases() as $shape) {
            $solid = $this->set(['BOX'], new Setting(Arrangement::Knockout, shape: $shape));
            $letters = KnockoutShape::Band === $shape ? $round : $straight;
            self::assertCount(1 + 3, $solid->polygons, 'the solid, and what is inside B and O');
            self::assertTrue(Geos::intersection($solid, $letters)->area() < 0.01 * $letters->area(), $shape->value);
            self::assertGreaterThan($letters->area(), $solid->area());
        }
    }

    public function testFramesGoRoundAnythingClearOfIt(): void
    {
        foreach (
            [
                new Setting(),
                new Setting(Arrangement::ArcUp),
                new Setting(Arrangement::Ring),
                new Setting(Arrangement::Monogram),
            ] as $nth => $plain
        ) {
            $lines = 3 === $nth ? ['ABC'] : ['Quay'];
            $letters = $this->set($lines, $plain);
            foreach (
                [[Frame::Rule, 1], [Frame::Ring, 1], [Frame::DoubleRing, 2], [Frame::Polygon, 1]] as [$frame, $more]
            ) {
                $framed = $this->set($lines, new Setting($plain->arrangement, frame: $frame));
                self::assertCount(\count($letters->polygons) + $more, $framed->polygons, $frame->value);
                $border = array_values(
                    array_filter(
                        $framed->pieces(),
                        static fn (Region $piece): bool => $piece->box()->holds($letters->box()),
                    ),
                );
                self::assertCount($more, $border);
                self::assertGreaterThan(0.3 * self::CAP, Geos::distance($border[0], $letters));
            }
        }
    }

    public function testTrackingLineSpacingAndAlignment(): void
    {
        $plain = $this->set(['AB', 'ABCD'], new Setting(Arrangement::Stack))->box();
        self::assertGreaterThan(
            $plain->width() + 3 * 1500,
            $this->set(['AB', 'ABCD'], new Setting(Arrangement::Stack, 100))
                ->box()
                ->width(),
        );
        self::assertEqualsWithDelta(
            $plain->height() + 0.25 * self::CAP,
            $this->set(['AB', 'ABCD'], new Setting(Arrangement::Stack, lineSpacing: 0.5))
                ->box()
                ->height(),
            30,
        );
        foreach ([[Align::Left, 0.0], [Align::Centre, 0.5], [Align::Right, 1.0]] as [$align, $share]) {
            $stack = $this->set(['HH', 'HHHH'], new Setting(Arrangement::Stack, align: $align));
            $box = $stack->box();
            $first = Geos::clipped(
                $stack,
                new Box($box->left, $box->top, $box->right, $box->top + 15_000),
            )->box();
            self::assertEqualsWithDelta($share * ($box->width() - $first->width()), $first->left - $box->left, 30);
        }
    }

    public function testCondensingIsBoundedAndTrue(): void
    {
        $plain = $this->set(['Bartholomew'], new Setting())->box();
        $narrow = $this->set(['Bartholomew'], new Setting(condense: 8))->box();
        self::assertEqualsWithDelta(0.92 * $plain->width(), $narrow->width(), 3);
        self::assertSame($plain->height(), $narrow->height());
        $rules = Rules::standard();
        (new Setting(condense: 8))->within($rules);
        (new Setting(condense: 9))->within($rules, true);
        (new Setting(condense: 9))->within($rules->with(Rule::CondenseMost, 9));
        $this->expectExceptionMessageMatches('~8 % at most~');
        (new Setting(condense: 9))->within($rules);
    }

    public function testJoinedScriptsStayJoinedOnACircle(): void
    {
        foreach (['pacifico', 'lobster'] as $face) {
            $line = \count($this->set(['moon'], new Setting(), $face)->polygons);
            self::assertCount($line, $this->set(['moon'], new Setting(Arrangement::ArcUp), $face)->polygons, $face);
        }
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'two lines on an arc' => [['a', 'b'], ['arrangement' => Arrangement::ArcUp], '/lines', 'single line'];
        yield 'three on a ring' => [['a', 'b', 'c'], ['arrangement' => Arrangement::Ring], '/lines', 'one line above'];
        yield 'a picture' => [['a🙂'], [], '/lines/0', 'picture, not a letter'];
        yield 'a circle of nothing' => [
            ['a'],
            ['arrangement' => Arrangement::ArcUp, 'radius' => 10],
            '/radius',
            '1 mm to 20 m',
        ];
        yield 'words longer than the circle is round' => [
            ['Bartholomew Bartholomew'],
            ['arrangement' => Arrangement::ArcUp, 'radius' => 20_000],
            '/radius',
            'larger radius',
        ];
        yield 'letters higher than the circle' => [
            ['a'],
            ['arrangement' => Arrangement::ArcDown, 'radius' => 9000],
            '/radius',
            'so small a circle',
        ];
        yield 'tracked off the film' => [['a'], ['tracking' => 5000], '/tracking', 'Tracking goes'];
        yield 'lines a mile apart' => [
            ['a', 'b'],
            ['arrangement' => Arrangement::Stack, 'lineSpacing' => 9.0],
            '/lineSpacing',
            'three letter heights',
        ];
    }

    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $setting
     */
    #[DataProvider('refused')]
    public function testWhatCannotBeSetIsSaidAtItsField(array $lines, array $setting, string $at, string $says): void
    {
        try {
            $this->set($lines, new Setting(...$setting));
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame($at, $refused->at);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testRightToLeftOtherAlphabetsAndPunctuationAsTyped(): void
    {
        // Alef comes first, so it stands on the right.
        $word = $this->set(['אבב'], new Setting(), 'rubik');
        $alef = $this->set(['א'], new Setting(), 'rubik')
            ->box()
            ->width();
        $pieces = $word->pieces();
        usort($pieces, static fn (Region $a, Region $b): int => $b->box()->right <=> $a->box()->right);
        self::assertEqualsWithDelta($alef, $pieces[0]->box()->width(), 200);
        foreach (
            [
                'сыр' => 'lobster',
                'Ωμέγα' => 'comfortaa',
                'سلام' => 'lalezar',
                '“Quay” – don’t' => 'oswald',
                'Ŵŷ' => 'playfair',
            ] as $text => $face
        ) {
            self::assertGreaterThan(10, $this->set([$text], new Setting(), $face)->area(), $text);
        }
        self::assertNotEquals($this->set(['"Q"'], new Setting()), $this->set(['“Q”'], new Setting()));
    }

    public function testSuggestedRims(): void
    {
        self::assertSame(
            [800, 1400, 3000],
            [Offset::suggested(5000), Offset::suggested(20_000), Offset::suggested(90_000)],
        );
    }

    public function testThreeLayersInOneRegister(): void
    {
        $words = Lettering::words('righteous', 'Teal');
        $artwork = Lettering::typesetter()->artwork($words, self::CAP, [3000, 1200]);
        self::assertSame(['top', 'offset', 'base'], array_map(static fn ($layer) => $layer->role, $artwork->layers));
        [$top, $offset, $base] = array_map(static fn ($layer) => $layer->region, $artwork->layers);
        self::assertTrue(Geos::covers($offset, $top) && Geos::covers($base, $offset));
        self::assertEqualsWithDelta(1200, $top->box()->left - $offset->box()->left, 8);
        self::assertEqualsWithDelta(3000, $top->box()->top - $base->box()->top, 8);
        $this->expectExceptionMessageMatches('~at most two layers~');
        Lettering::typesetter()->artwork($words, self::CAP, [1000, 2000, 3000]);
    }

    /** A sketch is the same film to look at: as wide, as high, covering the same. */
    public function testSketchesAreTrue(): void
    {
        $typesetter = Lettering::typesetter();
        foreach (
            [
                ['pacifico', ['Marigold'], new Setting()],
                ['oswald', ['Sweet', 'Peas'], new Setting(Arrangement::Stack)],
                ['fredoka', ['Tideway', 'Club'], new Setting(Arrangement::Ring)],
            ] as [$face, $lines, $setting]
        ) {
            $words = Words::set(Lettering::faces()->named($face), $lines, $setting);
            $sketch = Geos::union([$typesetter->sketch($words)]);
            $true = $typesetter->top($words, self::CAP);
            self::assertEqualsWithDelta($true->box()->width(), $sketch->box()->width(), $true->box()->width() * 0.001);
            self::assertEqualsWithDelta($true->area(), $sketch->area(), $true->area() * 0.005);
        }
    }
}
