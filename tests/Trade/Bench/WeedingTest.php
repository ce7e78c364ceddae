<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Bench;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Rules;

final class WeedingTest extends TestCase
{
    private function weeding(Region $region, Film $film = Film::Permanent): Weeding
    {
        return new Weeding($region, $film, Rules::standard());
    }

    public function testCountsWhatStaysAndWhatComesOut(): void
    {
        $ring = $this->weeding(SvgPath::read('M0 0H20V20H0ZM5 5V15H15V5Z'));
        self::assertCount(1, $ring->keeps);
        self::assertCount(2, $ring->waste);
        self::assertFalse($ring->waste[0]->inside);
        [$inside] = $ring->insides();
        self::assertSame([100.0, 10.0], [$inside->area(), $inside->across()]);
        self::assertEqualsWithDelta(10_000, $inside->at()[0], 20);
        self::assertEqualsWithDelta((20 + 2 * 4 + 120 / 30) / 60, $ring->minutes, 0.01);
    }

    /** An island inside a counter makes the counter a ring: still one piece of waste. */
    public function testAnIslandInACounter(): void
    {
        $weeding = $this->weeding(SvgPath::read('M0 0H40V40H0ZM10 10V30H30V10ZM17 17H23V23H17Z'));
        self::assertCount(2, $weeding->keeps);
        self::assertCount(1, $weeding->insides());
        self::assertEqualsWithDelta(400 - 36, $weeding->insides()[0]->area(), 0.001);
    }

    public function testNothingIsLostNorCountedTwice(): void
    {
        foreach (['pacifico', 'alfa-slab', 'righteous'] as $face) {
            $word = Lettering::typesetter()->top(Lettering::words($face, 'Bilge & Oar 68'), 40_000);
            $weeding = $this->weeding($word);
            $block = $weeding->block;
            $sum = array_sum(
                array_map(static fn ($part): float => $part->area(), [...$weeding->keeps, ...$weeding->waste]),
            );
            self::assertEqualsWithDelta((($block->width() / 1000) * $block->height()) / 1000, $sum, 0.1, $face);
            self::assertCount($word->holes(), $weeding->insides(), $face);
            self::assertCount(\count($word->polygons), $weeding->keeps, $face);
        }
    }

    public function testSurroundFirstForBoldWorkAndInsidesFirstForFine(): void
    {
        self::assertSame(
            Weeding::SURROUND_FIRST,
            $this->weeding(Lettering::typesetter()->top(Lettering::words('alfa-slab', 'BOAT'), 60_000))->school,
        );
        $fine = $this->weeding(Lettering::typesetter()->top(Lettering::words('great-vibes', 'Quay'), 40_000));
        self::assertSame(Weeding::INSIDES_FIRST, $fine->school);
        self::assertStringContainsString('mm wide', $fine->why);
    }

    public function testSmallCountersAndIslandsAreReverseWeeded(): void
    {
        $weeding = $this->weeding(Lettering::typesetter()->top(Lettering::words('fredoka', 'eio'), 16_000));
        self::assertCount(3, $weeding->reverse, 'the eye of e, the inside of o, the dot of i');
        self::assertSame(
            [],
            $this->weeding(Lettering::typesetter()->top(Lettering::words('fredoka', 'eo'), 90_000))->reverse,
        );
    }

    public function testGlitterAndSmallPartsTakeLonger(): void
    {
        $block = SvgPath::read('M0 0H40V40H0Z');
        self::assertEqualsWithDelta(
            1.6,
            $this->weeding($block, Film::Glitter)->minutes / $this->weeding($block)->minutes,
            0.05,
        );
        $dotted = SvgPath::read('M0 0H40V40H0ZM50 0H53V3H50Z');
        self::assertEqualsWithDelta((1.6 * (20 + 4 + 172 / 30)) / 60, $this->weeding($dotted)->minutes, 0.01);
    }
}
