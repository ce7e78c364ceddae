<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\ElementAligner;
use Yelbo\Trade\Lettering\Guides;
use Yelbo\Trade\Refused;

/** Things are brought into line and set at equal gaps, and places in line are found again. */
final class ArrangingTest extends TestCase
{
    private const THINGS = [
        3 => [10_000, 5_000, 30_000, 20_000],
        1 => [100_000, 50_000, 10_000, 10_000],
        2 => [60_000, 8_000, 20_000, 60_000],
    ];

    /** @return non-empty-array<int, Box> */
    private static function things(): array
    {
        $box = static fn (array $box): Box => Box::sized($box[2], $box[3])->moved($box[0], $box[1]);

        return array_map($box, self::THINGS);
    }

    /** @return iterable<string, array{string, int|null, array<int, array{int, int}>}> */
    public static function ways(): iterable
    {
        yield 'left edges' => ['left', null, [3 => [10_000, 5_000], 1 => [10_000, 50_000], 2 => [10_000, 8_000]]];
        yield 'middles' => ['across', null, [3 => [10_000, 5_000], 1 => [20_000, 50_000], 2 => [15_000, 8_000]]];
        yield 'right edges' => ['right', null, [3 => [10_000, 5_000], 1 => [30_000, 50_000], 2 => [20_000, 8_000]]];
        yield 'top edges' => ['top', null, [3 => [10_000, 5_000], 1 => [100_000, 5_000], 2 => [60_000, 5_000]]];
        yield 'in a row' => ['down', null, [3 => [10_000, 5_000], 1 => [100_000, 10_000], 2 => [60_000, -15_000]]];
        yield 'bottom edges' => [
            'bottom',
            null,
            [3 => [10_000, 5_000], 1 => [100_000, 15_000], 2 => [60_000, -35_000]],
        ];
        // 100 mm from end to end, 60 mm of film, two gaps of 20.
        yield 'equal gaps' => [
            'gaps-across',
            null,
            [3 => [10_000, 5_000], 1 => [100_000, 50_000], 2 => [60_000, 8_000]],
        ];
        yield 'a gap typed' => [
            'gaps-across',
            4_000,
            [3 => [10_000, 5_000], 1 => [68_000, 50_000], 2 => [44_000, 8_000]],
        ];
        yield 'gaps downwards' => [
            'gaps-down',
            0,
            [3 => [10_000, 5_000], 1 => [100_000, 85_000], 2 => [60_000, 25_000]],
        ];
    }

    /** @param array<int, array{int, int}> $expected */
    #[DataProvider('ways')]
    public function testByHand(string $how, ?int $gap, array $expected): void
    {
        $placed = ElementAligner::arrange(self::things(), $how, $gap);
        ksort($placed);
        ksort($expected);
        self::assertSame($expected, $placed);
    }

    public function testWhatDoesNotGoBetweenTheOuterTwoIsRefusedWithAWayOut(): void
    {
        $this->expectExceptionMessage('Type the gap');
        ElementAligner::arrange(
            [
                Box::sized(50_000, 10),
                Box::sized(50_000, 10)->moved(10_000, 0),
                Box::sized(50_000, 10)->moved(20_000, 0),
            ],
            'gaps-across',
            null,
        );
    }

    public function testAnotherWayIsRefused(): void
    {
        $this->expectException(Refused::class);
        ElementAligner::arrange(self::things(), 'diagonal', null);
    }

    /** Whatever lies there: equal gaps are equal to 1 µm, the outer two stay, and nothing moves the other way. */
    public function testEqualGapsAreEqual(): void
    {
        $random = new Randomizer(new Mt19937(41));
        for ($run = 0; $run < 200; ++$run) {
            $things = [Box::sized(700, 700)];
            $at = 700;
            for ($nth = 1, $count = $random->getInt(2, 7); $nth < $count; ++$nth) {
                $at += $random->getInt(0, 40_000);
                $things[$nth] = Box::sized($random->getInt(500, 9_000), $random->getInt(500, 90_000))->moved(
                    $at,
                    $random->getInt(0, 90_000),
                );
                $at += $things[$nth]->width();
            }
            $placed = ElementAligner::arrange($things, 'gaps-across', null);
            $first = $placed[1][0] - $placed[0][0] - $things[0]->width();
            foreach ($things as $nth => $thing) {
                self::assertSame($thing->top, $placed[$nth][1]);
                if ($nth > 0) {
                    $gap = $placed[$nth][0] - $placed[$nth - 1][0] - $things[$nth - 1]->width();
                    self::assertEqualsWithDelta($first, $gap, 1);
                }
            }
            $last = array_key_last($things);
            self::assertSame([$things[0]->left, $things[$last]->left], [$placed[0][0], $placed[$last][0]]);
        }
    }

    /** A guide is one only if what stands there is in line: by its start, its middle or its end. */
    public function testEveryGuideIsInLine(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $object = Box::sized(400_000, 200_000);
        for ($run = 0; $run < 100; ++$run) {
            $beside = [];
            for ($nth = 0; $nth < 4; ++$nth) {
                $beside[] = [
                    'label' => "thing $nth",
                    'box' => Box::sized($random->getInt(1_000, 40_000), $random->getInt(1_000, 40_000))->moved(
                        $random->getInt(0, 300_000),
                        $random->getInt(0, 150_000),
                    ),
                ];
            }
            $own = Box::sized($random->getInt(1_000, 60_000), $random->getInt(1_000, 60_000))->moved(1_000, 1_000);
            $guides = (new Guides($object, $object->grown(-10_000), [], $beside))->of($own);
            foreach (['across' => $own->width(), 'down' => $own->height()] as $way => $long) {
                self::assertSame(
                    array_unique(array_column($guides[$way], 'at')),
                    array_column($guides[$way], 'at'),
                    'each place once',
                );
                foreach ($guides[$way] as ['at' => $at, 'line' => $line]) {
                    self::assertContains($line - $at, [0, intdiv($long, 2), $long]);
                }
            }
            $lines = array_column($guides['across'], 'label', 'line');
            self::assertSame('the middle', $lines[200_000]);
            self::assertSame('the left safe edge', $lines[10_000]);
        }
    }

    public function testBetweenTwoNeighboursAndBeyondThem(): void
    {
        $row = [
            ['label' => 'one', 'box' => Box::sized(20_000, 20_000)->moved(50_000, 50_000)],
            ['label' => 'two', 'box' => Box::sized(30_000, 20_000)->moved(130_000, 55_000)],
            ['label' => 'elsewhere', 'box' => Box::sized(30_000, 20_000)->moved(80_000, 150_000)],
        ];
        $own = Box::sized(10_000, 10_000)->moved(0, 60_000);
        $guides = new Guides(Box::sized(400_000, 200_000), Box::sized(400_000, 200_000), [], $row);
        $at = array_column($guides->of($own)['across'], 'label', 'at');
        // A gap of 60 mm from 70 to 130: in the middle of it, and as far beyond either.
        self::assertSame('equal gaps', $at[95_000]);
        self::assertSame('the same gap again', $at[220_000]);
        self::assertSame('the same gap again', $at[-20_000]);
    }
}
