<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\FaceOutlines;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

/** Signs that a face lacks, taken from another. */
final class SignsTest extends TestCase
{
    private const SIGN = 'Ж';

    public function testASignIsThatOfTheOtherFaceAsHighBesideItsCapitals(): void
    {
        [$lacks, $has] = $this->faces();
        $typesetter = Lettering::typesetter();
        $alone = $typesetter->top(Words::set($has, [self::SIGN], Arrangement::Line), 40_000);
        $taken = $typesetter->top(self::words($lacks, [self::SIGN], $has), 40_000);
        self::assertEquals($alone->box()->width(), $taken->box()->width());
        self::assertEquals($alone->box()->height(), $taken->box()->height());
    }

    public function testTheOtherLettersStayWhatTheyAreAndMakeRoom(): void
    {
        [$lacks, $has] = $this->faces();
        $typesetter = Lettering::typesetter();
        $before = $typesetter->top(Words::set($lacks, ['HOH'], Arrangement::Line), 40_000);
        $mixed = $typesetter->top(self::words($lacks, ['H'.self::SIGN.'H'], $has), 40_000);
        $sign = $typesetter->top(Words::set($has, [self::SIGN], Arrangement::Line), 40_000);
        $letter = $typesetter->top(Words::set($lacks, ['H'], Arrangement::Line), 40_000);
        $parts = $mixed->pieces();
        self::assertGreaterThanOrEqual(3, \count($parts), 'nothing runs into anything');
        // Film of the three is that of each by itself.
        self::assertEqualsWithDelta(2 * $letter->area() + $sign->area(), $mixed->area(), 0.001 * $mixed->area());
        // Where it begins and ends are the face's own letters.
        $left = $letter->moved(
            $mixed->box()->left - $letter->box()->left,
            $mixed->box()->bottom - $letter->box()->bottom,
        );
        $right = $letter->moved(
            $mixed->box()->right - $letter->box()->right,
            $mixed->box()->bottom - $letter->box()->bottom,
        );
        self::assertEqualsWithDelta(0.0, Geos::difference($left, $mixed)->area(), 0.01 * $letter->area());
        self::assertEqualsWithDelta(0.0, Geos::difference($right, $mixed)->area(), 0.01 * $letter->area());
        self::assertNotEquals($before->box()->width(), $mixed->box()->width());
    }

    public function testItRunsRoundACircleTooAndCountsInItsLength(): void
    {
        [$lacks, $has] = $this->faces();
        $typesetter = Lettering::typesetter();
        $one = $typesetter->lengths(self::words($lacks, ['H'.self::SIGN], $has))[0];
        $two = $typesetter->lengths(self::words($lacks, ['H'.self::SIGN.self::SIGN], $has))[0];
        $own = $typesetter->lengths(Words::set($has, [self::SIGN], Arrangement::Line))[0];
        self::assertEqualsWithDelta($own, $two - $one, 0.001);
        $ring = $typesetter->top(
            Words::set($lacks, ['HOH'.self::SIGN.'HOH'], new Setting(Arrangement::ArcUp, signs: $has)),
            20_000,
        );
        self::assertFalse($ring->isEmpty());
    }

    public function testWhatNeitherFaceHasIsRefusedAtItsLineWithTheFacesThatHave(): void
    {
        [$lacks] = $this->faces();
        $other = Lettering::faces()->named('pirata');
        self::assertFalse((new FaceOutlines($other))->has(mb_ord(self::SIGN)), 'it lacks it as well');
        foreach ([null, $other] as $signs) {
            try {
                Lettering::typesetter()->top(self::words($lacks, ['Heron', 'H'.self::SIGN], $signs), 40_000);
                self::fail('It was set.');
            } catch (Refused $refused) {
                self::assertSame(['missing-character', '/lines/1'], [$refused->reason, $refused->at]);
                self::assertStringContainsString('take only the signs it lacks from there', $refused->getMessage());
            }
        }
    }

    public function testNothingChangesWhereNothingIsLacking(): void
    {
        [$lacks, $has] = $this->faces();
        foreach (['Kestrel', 'Höfe & Co'] as $text) {
            $plain = Lettering::typesetter()->top(Words::set($lacks, [$text], Arrangement::Line), 30_000);
            self::assertEquals($plain, Lettering::typesetter()->top(self::words($lacks, [$text], $has), 30_000));
        }
    }

    /** @return array{Face, Face} one that lacks the sign, and one that has it */
    private function faces(): array
    {
        $faces = array_map(Lettering::faces()->named(...), ['bebas', 'oswald']);
        self::assertSame(
            [false, true],
            array_map(static fn (Face $face): bool => (new FaceOutlines($face))->has(mb_ord(self::SIGN)), $faces),
        );

        return $faces;
    }

    /** @param non-empty-list<string> $lines */
    private static function words(Face $face, array $lines, ?Face $signs): Words
    {
        $arrangement = \count($lines) > 1 ? Arrangement::Stack : Arrangement::Line;

        return Words::set($face, $lines, new Setting($arrangement, signs: $signs));
    }
}
