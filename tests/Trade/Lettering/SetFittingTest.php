<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\SetProposals;
use Yelbo\Trade\Lettering\SetSize;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Sets match by letter height, not by box. Source: handbook section 4. */
final class SetFittingTest extends TestCase
{
    private const NAMES = ['Ada', 'Bartholomew', 'Cass', 'Mary-Anne Penhallow', 'Hal', 'Ada', 'Una', 'Orla', 'Quill'];

    private function box(): Rectangle
    {
        return new Rectangle(Size::millimetres(120, 70), Length::millimetres(12));
    }

    private function sets(): SetFitting
    {
        return new SetFitting(Lettering::typesetter(), Rules::standard());
    }

    /** @return non-empty-list<Words> */
    private function members(string $face = 'fredoka'): array
    {
        return array_map(static fn (string $name): Words => Lettering::words($face, $name), self::NAMES);
    }

    public function testAllHaveTheHeightTheLongestAllows(): void
    {
        $set = $this->sets()->fit($this->box(), $this->members());
        self::assertSame(3, $set->deciding());
        self::assertSame($set->members[3]->alone, $set->capHeight);
        foreach ($set->members as $member) {
            self::assertSame($set->capHeight, $member->fitted->capHeight);
            self::assertTrue($member->fitted->inside);
            self::assertGreaterThanOrEqual($set->capHeight, $member->alone);
        }
        self::assertEquals($set->members[0], $set->members[5], 'a word that repeats is set once');
        $heights = array_map(
            static fn (SetMember $member): int => $member->fitted->artwork->box()->height(),
            $set->members,
        );
        self::assertLessThan(
            0.02 * $set->capHeight,
            abs($heights[4] - $heights[0]),
            'Hal and Ada are as high as each other',
        );
    }

    public function testEachIsAsLargeAsItCanBe(): void
    {
        $members = $this->members();
        $set = $this->sets()->fit($this->box(), $members, SetSize::each());
        [$heights, $alone] = $this->sets()->sketch($this->box(), $members, SetSize::each());
        foreach ($set->members as $nth => $member) {
            self::assertSame($member->alone, $member->fitted->capHeight);
            self::assertTrue($member->fitted->inside);
            self::assertSame($alone[$nth], $heights[$nth]);
            self::assertEqualsWithDelta($member->alone, $heights[$nth], 0.01 * $member->alone, 'the sketch is near it');
        }
        self::assertSame($alone, $heights);
        self::assertGreaterThan($set->capHeight, $set->members[0]->fitted->capHeight);
    }

    /** Each in a width, a height or a box of both: just inside of it, and a tenth of a millimetre more would not be. */
    public function testEachFillsABox(): void
    {
        $members = $this->members();
        foreach ([[60_000, null], [null, 15_000], [60_000, 15_000]] as [$wide, $high]) {
            $size = SetSize::box($wide, $high);
            $heights = $this->sets()->sketch($this->box(), $members, $size)[0];
            foreach ($this->sets()->fit($this->box(), $members, $size)->members as $nth => $member) {
                $box = $member->fitted->artwork->box();
                $share = min(
                    null === $wide ? \INF : $wide / $box->width(),
                    null === $high ? \INF : $high / $box->height(),
                );
                self::assertGreaterThanOrEqual(1.0, $share);
                self::assertLessThan(1.006, $share);
                self::assertEqualsWithDelta($member->fitted->capHeight, $heights[$nth], 0.02 * $heights[$nth]);
            }
        }
    }

    public function testOutliersComeWithWhatWouldHelpAndHowMuch(): void
    {
        $members = $this->members();
        $set = $this->sets()->fit($this->box(), $members);
        $alone = array_map(static fn (SetMember $member): int => $member->alone, $set->members);
        $outliers = (new SetProposals(Lettering::typesetter(), Rules::standard()))->outliers(
            $this->box(),
            $members,
            $alone,
            Lettering::faces()->all(),
        );
        self::assertSame([1, 3], array_keys($outliers));
        $long = array_column($outliers[3], null, 'do');
        self::assertSame(['Mary-Anne', 'Penhallow'], $long['two-lines']['lines'] ?? null);
        self::assertSame(8.0, $long['condense']['condense'] ?? null);
        self::assertEqualsWithDelta($alone[3] / 0.92, $long['condense']['alone'], $alone[3] * 0.003);
        self::assertGreaterThan(1.4 * $alone[3], $long['two-lines']['alone']);
        self::assertStringContainsString('condensed', Lettering::faces()->named($long['face']['face'] ?? '')->style);
        self::assertArrayNotHasKey('two-lines', array_column($outliers[1], null, 'do'), 'a single word is not broken');
        $twoLines = $this->sets()->fit($this->box(), [
            Words::set(
                Lettering::faces()->named('fredoka'),
                ['Mary-Anne', 'Penhallow'],
                new Setting(Arrangement::Stack),
            ),
        ]);
        self::assertEqualsWithDelta($twoLines->capHeight, $long['two-lines']['alone'], $twoLines->capHeight * 0.003);
    }

    /** The quick way says the same, and the height it gives is exact. */
    public function testSketchedSetsAgreeWithFittedOnes(): void
    {
        foreach ([$this->box(), new SurfaceLessKeepOuts($this->box(), SvgPath::read('M45 0H75V9H45Z'))] as $surface) {
            $set = $this->sets()->fit($surface, $this->members());
            [$heights, $alone, $decals] = $this->sets()->sketch($surface, $this->members());
            self::assertSame([$set->capHeight], array_values(array_unique($heights)));
            foreach ($set->members as $nth => $member) {
                self::assertEqualsWithDelta($member->alone, $alone[$nth], $member->alone * 0.03);
                self::assertTrue($decals[$nth][2]);
                self::assertEqualsWithDelta(
                    $member->fitted->artwork->box()->width(),
                    $decals[$nth][0]->box()->width(),
                    200,
                );
            }
        }
    }

    /**
     * @return iterable<string, array{Surface, non-empty-list<array{string, string}>, bool}> and whether the upper line
     *     is shared
     */
    public static function shared(): iterable
    {
        $tin = new Rectangle(Size::millimetres(120, 70), Length::millimetres(12));
        $below = [['Gypsy', 'Seeds'], ['Ox', 'Seeds'], ['Angelica', 'Seeds']];
        $above = [['Seeds', 'Gypsophila'], ['Seeds', 'Oxer'], ['Seeds', 'Ay']];
        yield 'above, on a tin' => [$tin, $above, true];
        yield 'below, on a tin' => [$tin, $below, false];
        yield 'above, on a disc' => [new Ellipse(Size::millimetres(96, 96)), $above, true];
        yield 'below, beside a hole' => [new SurfaceLessKeepOuts($tin, SvgPath::read('M56 0H64V9H56Z')), $below, false];
    }

    /**
     * A word that stands on several members stands at the same place on each, drawn and sketched.
     *
     * @param non-empty-list<array{string, string}> $lines
     */
    #[DataProvider('shared')]
    public function testAWordTheyShareStandsAtTheSamePlace(Surface $surface, array $lines, bool $above): void
    {
        $members = array_map(
            static fn (array $each): Words => Lettering::words('fredoka', ...$each),
            $lines,
        );
        $at = static fn (Artwork $artwork, array $corner): int => $corner[1] +
            ($above ? 0 : $artwork->box()->height());
        $drawn = array_map(
            static fn (SetMember $member): int => $at($member->fitted->artwork, $member->fitted->at),
            $this->sets()->fit($surface, $members)->members,
        );
        $sketched = array_map(
            static fn (array $decal): int => $at($decal[0], $decal[1]),
            $this->sets()->sketch($surface, $members)[2],
        );
        foreach ([...$drawn, ...$sketched] as $place) {
            self::assertEqualsWithDelta($drawn[0], $place, 60);
        }
        foreach ($this->sets()->fit($surface, $members)->members as $member) {
            self::assertTrue($member->fitted->inside);
        }
        $middles = array_map(
            static fn (SetMember $member): float => $member->fitted->at[1] +
                $member->fitted->artwork->box()->height() / 2,
            $this->sets()->fit($surface, $members)->members,
        );
        self::assertGreaterThan(100, max($middles) - min($middles), 'not each by itself in the middle');
    }

    public function testAWrongMemberIsNamed(): void
    {
        try {
            $this->sets()->fit(new Rectangle(Size::millimetres(20, 20), Length::millimetres(0)), [
                Lettering::words('oswald', 'Ada'),
                Lettering::words('oswald', str_repeat('wide ', 30)),
            ]);
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame('/set/1/lines', $refused->at);
        }
    }
}
