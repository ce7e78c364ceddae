<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Sheet\Parts;

final class PartsTest extends TestCase
{
    public function testAWideSignWithEmptyFilmBetweenItsWordsComesApartAndPutTogetherIsTheSame(): void
    {
        $sign = SvgPath::read('M0 0H80V30H0ZM260 0H340V30H260ZM265 5V25H335V5Z');
        $parts = Parts::apart($sign, 3000);
        self::assertCount(2, $parts);
        self::assertEqualsWithDelta(
            0,
            Geos::difference($sign, Geos::union($parts))->area() + Geos::difference(Geos::union($parts), $sign)->area(),
            1e-9,
        );
        self::assertEqualsWithDelta(
            343 * 33 - 2 * (83 * 33),
            Parts::saved($sign, $parts, 3000),
            1e-6,
            'mm² by their boxes',
        );
    }

    public function testRowsComeApartToo(): void
    {
        self::assertCount(3, Parts::apart(SvgPath::read('M0 0H80V30H0ZM200 0H280V30H200ZM90 120H170V150H90Z'), 3000));
    }

    public function testTwoLinesFarApartAreNoRound(): void
    {
        // Letters on all sides of an empty middle, but none of them as far from it as a ring would have them.
        $letters = [];
        foreach ([0, 120_000] as $top) {
            for ($nth = 0; $nth < 9; ++$nth) {
                $letters[] = [
                    [
                        [$nth * 16_000, $top],
                        [$nth * 16_000 + 12_000, $top],
                        [$nth * 16_000 + 12_000, $top + 20_000],
                        [$nth * 16_000, $top + 20_000],
                    ],
                ];
            }
        }
        self::assertCount(2, Parts::apart(new Region($letters), 3000));
    }

    public function testWhatSavesLittleOrInterlocksOrStandsInARoundStaysWhole(): void
    {
        $near = SvgPath::read('M0 0H80V30H0ZM101 0H181V30H101Z');
        self::assertCount(1, Parts::apart($near, 3000), '21 mm of 181 are not worth two parts');
        $locked = SvgPath::read('M0 0H100V10H10V60H0ZM40 40H140V100H40Z');
        self::assertCount(1, Parts::apart($locked, 3000));
        $ring = Lettering::typesetter()->top(
            Words::set(Lettering::faces()->named('bebas'), ['Lockside', 'Plots'], new Setting(Arrangement::Ring)),
            20_000,
        );
        self::assertCount(1, Parts::apart($ring, 3000));
    }

    public function testPanelsArePartedBetweenLettersAndCarryTheirMarks(): void
    {
        $word = Lettering::typesetter()->top(Lettering::words('bebas', 'MOORINGS'), 90_000);
        $box = $word->box();
        $panels = Parts::panels($word, 150_000, 200_000);
        self::assertGreaterThan(1, \count($panels));
        $letters = 0;
        foreach ($panels as $nth => $panel) {
            $of = $panel->box();
            self::assertLessThanOrEqual(200_000, $of->width());
            self::assertLessThanOrEqual(150_000, $of->height());
            $marks = array_filter(
                $panel->pieces(),
                static fn (Region $piece): bool => $piece->box()->bottom < $box->top
                    || $piece->box()->top > $box->bottom,
            );
            self::assertCount(0 === $nth || $nth === \count($panels) - 1 ? 2 : 4, $marks, 'above and below each joint');
            $letters += \count($panel->pieces()) - \count($marks);
        }
        self::assertSame(\count($word->pieces()), $letters, 'no letter is cut through');
    }

    /** Larger than the machine: parted between words and letters first, and with less film than a grid takes. */
    public function testALargeDecalIsPartedBetweenLettersFirst(): void
    {
        $whole = static fn (Region $letter, array $parts): bool => [] !== array_filter(
            $parts,
            static fn (Region $part): bool => Geos::intersection($part, $letter)->area() > 0.999 * $letter->area(),
        );
        $film = static fn (array $parts): float => array_sum(
            array_map(
                static fn (Region $part): float => $part->box()->grown(1500)->region()->area(),
                $parts,
            ),
        );
        foreach ([['Tollgate Wharf', 'Boat Owners'], ['Kettle', 'Wharf Club'], ['LANTERN TOWPATH']] as $lines) {
            $words = Lettering::typesetter()->top(Lettering::words('bebas', ...$lines), 100_000);
            $decal = $words->scaled(1_483_000 / $words->box()->width());
            $parts = Parts::forMachine($decal, 292_000, 593_000, 3000);
            foreach ($decal->pieces() as $letter) {
                self::assertTrue($whole($letter, $parts), implode('/', $lines));
            }
            foreach ($parts as $part) {
                self::assertLessThanOrEqual(593_000, max($part->box()->width(), $part->box()->height()));
                self::assertLessThanOrEqual(292_000, min($part->box()->width(), $part->box()->height()));
            }
            self::assertLessThan($film(Parts::panels($decal, 292_000, 593_000)), $film($parts));
        }
        $small = Lettering::typesetter()->top(Lettering::words('bebas', 'Heron'), 30_000);
        self::assertSame([$small], Parts::forMachine($small, 292_000, 593_000, 3000));
    }

    public function testWhereThereIsNoGapPanelsLieOverEachOtherByTenMillimetres(): void
    {
        $bar = Box::sized(500_000, 40_000)->region();
        $panels = Parts::panels($bar, 120_000, 300_000);
        self::assertCount(2, $panels);
        $art = array_map(static fn (Region $panel): Region => Geos::intersection($panel, $bar), $panels);
        self::assertEqualsWithDelta(Parts::OVERLAP, Geos::intersection(...$art)->box()->width(), 1);
        self::assertEqualsWithDelta(0, Geos::difference($bar, Geos::union($art))->area(), 1e-6, 'nothing is lost');
    }

    public function testAnUprightDecalAndOneThatFitsTurned(): void
    {
        $upright = Box::sized(40_000, 500_000)->region();
        $panels = Parts::panels($upright, 120_000, 300_000);
        self::assertCount(2, $panels);
        self::assertEqualsWithDelta(0, Geos::difference($upright, Geos::union($panels))->area(), 1e-6);
        self::assertSame([$upright], Parts::panels($upright, 520_000, 60_000), 'it fits the other way round');
        self::assertSame([$upright], Parts::panels($upright, 30_000, 30_000), 'too small for any panel');
    }

    public function testBothWaysTooLargeIsPartedBothWays(): void
    {
        $plate = Box::sized(400_000, 350_000)->region();
        $panels = Parts::panels($plate, 150_000, 200_000);
        self::assertGreaterThanOrEqual(6, \count($panels));
        self::assertEqualsWithDelta(0, Geos::difference($plate, Geos::union($panels))->area(), 1e-6);
        foreach ($panels as $panel) {
            self::assertLessThanOrEqual(200_000, max($panel->box()->width(), $panel->box()->height()));
        }
    }
}
