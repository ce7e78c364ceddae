<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\FaceOutlines;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

final class TypesetterTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function everyFace(): iterable
    {
        foreach (Lettering::faces()->all() as $face) {
            yield $face->slug => [$face->slug];
        }
    }

    public function testShipsTheStylesAShopNeedsWithTheirLicences(): void
    {
        $styles = [];
        foreach (Lettering::faces()->all() as $face) {
            $styles[] = $face->style;
            self::assertFileExists($face->path);
            self::assertSame(
                "\0\1\0\0",
                substr((string) file_get_contents($face->path, length: 4), 0, 4),
                'a TrueType file',
            );
            self::assertFileExists(\dirname($face->path).'/OFL.txt');
            self::assertStringContainsString(
                'Open Font License',
                (string) file_get_contents(\dirname($face->path).'/OFL.txt'),
            );
            self::assertGreaterThan(0, $face->thinnest, $face->slug);
            self::assertContains('Latin', $face->alphabets);
        }
        self::assertGreaterThanOrEqual(24, \count($styles));
        foreach (
            [
                'script, light',
                'script, bold',
                'script, formal',
                'script, brush',
                'condensed',
                'wide',
                'rounded',
                'slab',
                'engraved serif',
                'stencil',
                'varsity',
                'blackletter',
                'comic',
                'monogram capitals',
            ] as $needed
        ) {
            self::assertContains($needed, $styles);
        }
    }

    #[DataProvider('everyFace')]
    public function testACapitalHIsAsHighAsAsked(string $face): void
    {
        $h = Lettering::typesetter()->top(Lettering::words($face, 'H'), 40_000);
        self::assertEqualsWithDelta(-40_000, $h->box()->top, 3, 'measured from the baseline');
    }

    /** Composite glyphs vanish where a reader does not look into them: the dots and accents must be there. */
    #[DataProvider('everyFace')]
    public function testCompositeGlyphsAreWhole(string $face): void
    {
        $typesetter = Lettering::typesetter();
        $plain = $typesetter->top(Lettering::words($face, 'E'), 40_000);
        $accented = $typesetter->top(Lettering::words($face, 'É'), 40_000);
        self::assertGreaterThan($plain->area() + 10, $accented->area());
        self::assertLessThan($plain->box()->top - 3000, $accented->box()->top, 'the accent stands above');
        self::assertGreaterThan(1, \count($typesetter->top(Lettering::words($face, 'i j'), 40_000)->polygons));
    }

    public function testCountsKeepsAndCounters(): void
    {
        $typesetter = Lettering::typesetter();
        $word = $typesetter->top(Lettering::words('bebas', 'BOAT'), 40_000);
        self::assertCount(4, $word->polygons);
        self::assertSame(4, $word->holes(), 'two in B, one each in O and A');
        $dotted = $typesetter->top(Lettering::words('fredoka', 'iji'), 40_000);
        self::assertCount(6, $dotted->polygons);
    }

    /** The knife would slice every join of a script that is not fused. */
    public function testScriptsAreFused(): void
    {
        $typesetter = Lettering::typesetter();
        $word = $typesetter->top(Lettering::words('pacifico', 'Kestrel'), 40_000);
        self::assertLessThan(7, \count($word->polygons));
        self::assertSame($word, Geos::tidy($word), 'it is regular as it is');
        self::assertCount(
            1,
            $typesetter->top(Lettering::words('pacifico', 'oooo'), 40_000)->polygons,
            'joined letters are one piece of film',
        );
    }

    public function testKerningAndLigaturesComeFromTheFace(): void
    {
        $shaper = new HarfBuzz();
        $face = Lettering::faces()->named('libre-baskerville');
        [$kerned] = $shaper->shape($face, ['AV']);
        [$a] = $shaper->shape($face, ['A']);
        self::assertLessThan($a[0]->advance, $kerned[1]->x, 'V moves under A');
        [$ligature] = $shaper->shape(Lettering::faces()->named('pacifico'), ['fin']);
        self::assertCount(2, $ligature, 'f and i are one glyph');
    }

    public function testTrackingOpensWords(): void
    {
        $face = Lettering::faces()->named('oswald');
        $width = static fn (int $tracking): int => Lettering::typesetter()
            ->top(Words::set($face, ['Swift'], Arrangement::Line, $tracking), 40_000)
            ->box()
            ->width();
        $em = (40_000 / (new FaceOutlines($face))->capHeight()) * (new FaceOutlines($face))->unitsPerEm;
        self::assertEqualsWithDelta($width(0) + 4 * 0.1 * $em, $width(100), 10, 'four gaps of a tenth of the em');
    }

    public function testAnOffsetIsEvenAndSharesTheOrigin(): void
    {
        $art = Lettering::typesetter()->artwork(Lettering::words('lobster', 'Teal'), 40_000, 2500);
        [$top, $under] = $art->layers;
        self::assertSame([Layer::TOP, Layer::OFFSET], [$top->role, $under->role]);
        self::assertSame([0, 0], [$art->box()->left, $art->box()->top]);
        self::assertSame([0, 0], [$under->region->box()->left, $under->region->box()->top]);
        self::assertEqualsWithDelta(2500, $top->region->box()->left, 30);
        self::assertTrue(Geos::covers($under->region, $top->region));
        self::assertTrue(Geos::covers(Geos::grow($top->region, 2540), $under->region), 'nowhere wider than asked');
        self::assertTrue(Geos::covers($under->region, Geos::grow($top->region, 2440)), 'nowhere narrower');
    }

    public function testStackedLinesAreCentredAndClear(): void
    {
        $typesetter = Lettering::typesetter();
        $stack = $typesetter->top(Lettering::words('oswald', 'Ada', 'Bartholomew'), 20_000);
        $long = $typesetter->top(Lettering::words('oswald', 'Bartholomew'), 20_000);
        self::assertEqualsWithDelta($long->box()->width(), $stack->box()->width(), 2);
        $short = $typesetter->top(Lettering::words('oswald', 'Ada'), 20_000);
        $above = Geos::clipped(
            $stack,
            new Box(
                $stack->box()->left,
                $stack->box()->top,
                $stack->box()->right,
                $stack->box()->top + $short->box()->height(),
            ),
        );
        self::assertEqualsWithDelta($short->area(), $above->area(), 0.05, 'the upper line stands alone at the top');
        self::assertEqualsWithDelta(0, $above->box()->left + $above->box()->right, 4);
    }

    /** Whatever size is asked for, it is the same shape: proportions are locked. */
    public function testProportionsAreLocked(): void
    {
        $typesetter = Lettering::typesetter();
        $words = Lettering::words('righteous', 'Heron 12');
        $ratio = null;
        foreach ([7_300, 20_000, 41_234, 180_000] as $height) {
            $box = $typesetter->top($words, $height)->box();
            $now = $box->width() / $box->height();
            $ratio ??= $now;
            self::assertEqualsWithDelta($ratio, $now, $ratio * 0.002);
        }
    }

    public function testAReferenceSizeIsItsOwn(): void
    {
        for ($height = 500; $height < 20_000_000; $height = (int) ($height * 1.013) + 1) {
            $reference = Typesetter::reference($height);
            self::assertSame($reference, Typesetter::reference($reference));
            self::assertGreaterThan(0.7, $height / $reference);
            self::assertLessThan(1.004, $height / $reference);
        }
    }

    /** The true curve, flattened far finer, lies nowhere more than 0.02 mm from the outline. */
    public function testCurvesStandOffByTwentyMicrometresAtMost(): void
    {
        $face = Lettering::faces()->named('fredoka');
        $outlines = new FaceOutlines($face);
        $region = Lettering::typesetter()->top(Lettering::words('fredoka', 'O'), 90_000);
        $scale = 90_000 / $outlines->capHeight();
        [[$glyph]] = (new HarfBuzz())->shape($face, ['O']);
        $farthest = 0.0;
        foreach ($outlines->rings($glyph->glyph, 0.5 / $scale) as $ring) {
            foreach ($ring as [$x, $y]) {
                $farthest = max($farthest, abs(Inscribed::depth($region, $x * $scale, -$y * $scale)));
            }
        }
        self::assertLessThan(22, $farthest, 'and two for the grid');
        self::assertGreaterThan(2, $farthest, 'nor finer than it needs to be');
    }

    public function testTheSameInputGivesTheSameOutlineTwice(): void
    {
        $fresh = new Typesetter(Lettering::faces(), new HarfBuzz(), new InMemoryCache());
        self::assertEquals(
            $fresh->top(Lettering::words('lobster', 'Sweet', 'Peas'), 33_000),
            Lettering::typesetter()->top(Lettering::words('lobster', 'Sweet', 'Peas'), 33_000),
        );
    }

    public function testAMissingCharacterIsNamedWithTheFacesThatHaveIt(): void
    {
        try {
            Lettering::typesetter()->top(Lettering::words('righteous', 'Ж'), 40_000);
            self::fail('Righteous has no Cyrillic.');
        } catch (Refused $refused) {
            self::assertSame('missing-character', $refused->reason);
            self::assertSame('/lines/0', $refused->at);
            self::assertStringContainsString('“Ж”', $refused->getMessage());
            self::assertStringContainsString('Oswald', $refused->getMessage());
        }
        $this->expectExceptionMessageMatches('~No face here has it~');
        Lettering::typesetter()->top(Lettering::words('oswald', 'ab漢'), 40_000);
    }

    public function testCombiningMarksAreComposed(): void
    {
        $typesetter = Lettering::typesetter();
        self::assertEquals(
            $typesetter->top(Lettering::words('oswald', "Rene\u{301}"), 30_000),
            $typesetter->top(Lettering::words('oswald', 'René'), 30_000),
        );
    }

    /** @return iterable<string, array{list<string>, Arrangement, string}> */
    public static function noWords(): iterable
    {
        yield 'none' => [[], Arrangement::Line, 'no words'];
        yield 'blank' => [['  '], Arrangement::Line, 'no words'];
        yield 'two on one line' => [['a', 'b'], Arrangement::Line, 'single line'];
        yield 'an empty line' => [['a', ' '], Arrangement::Stack, 'empty'];
        yield 'a tab' => [["a\tb"], Arrangement::Line, 'tab'];
        yield 'endless' => [[str_repeat('a', 201)], Arrangement::Line, '200'];
        yield 'too many' => [array_fill(0, 41, 'a'), Arrangement::Stack, '40 lines'];
    }

    /** @param list<string> $lines */
    #[DataProvider('noWords')]
    public function testRefusesWordsThatCannotBeSet(array $lines, Arrangement $arrangement, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches("~$says~");
        Words::set(Lettering::faces()->named('oswald'), $lines, $arrangement);
    }

    public function testRefusesAbsurdSizes(): void
    {
        $this->expectException(Refused::class);
        Lettering::typesetter()->top(Lettering::words('oswald', 'a'), 100);
    }
}
