<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\KeptClear;
use Yelbo\Trade\Object\Rectangle;
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

    public function testOutliersComeWithWhatWouldHelpAndHowMuch(): void
    {
        $members = $this->members();
        $set = $this->sets()->fit($this->box(), $members);
        $alone = array_map(static fn (SetMember $member): int => $member->alone, $set->members);
        $outliers = $this->sets()->outliers($this->box(), $members, $alone, Lettering::faces()->all());
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
        foreach ([$this->box(), new KeptClear($this->box(), SvgPath::read('M45 0H75V9H45Z'))] as $surface) {
            $set = $this->sets()->fit($surface, $this->members());
            [$height, $alone, $decals] = $this->sets()->sketch($surface, $this->members());
            self::assertSame($set->capHeight, $height);
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
