<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Shop\Batches\Layout;
use Yelbo\Shop\Batches\NestParts;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Plan;

/** A plan of the core as it is kept, and back, over made sheets. */
final class LayoutTest extends TestCase
{
    public function testAPieceAndItsPartAreToldByTheirName(): void
    {
        foreach ([[1, -1], [17, 0], [17, 2], [4_000_000, 31]] as [$piece, $part]) {
            self::assertSame(['piece' => $piece, 'part' => $part], NestParts::numbers(NestParts::name($piece, $part)));
        }
        self::assertNotSame(NestParts::name(17, 0), NestParts::name(17, -1), 'a part is not the whole');
    }

    public function testEveryPieceIsKeptOnceWhereItLiesOrAsLeft(): void
    {
        foreach (self::made() as $seed => [$parts, $stock, $plan]) {
            $layout = new Layout($parts, $stock);
            $laid = $layout->laid($plan, [array_key_first($parts) => true]);
            $names = [];
            foreach ($laid['sheets'] as $nth => $sheet) {
                self::assertSame((int) $plan->sheets[$nth]->stock, $sheet['stock']);
                self::assertGreaterThan(0.0, $sheet['fill'], "$seed");
                self::assertLessThanOrEqual(1.0, $sheet['fill']);
                foreach ($sheet['places'] as $place => $at) {
                    $names[] = $name = NestParts::name($at['piece'], $at['part']);
                    self::assertSame((string) array_key_first($parts) === $name, $at['pinned']);
                    self::assertSame($plan->sheets[$nth]->places[$place]->x, $at['x']);
                }
            }
            foreach ($laid['left'] as $left) {
                $names[] = NestParts::name($left['piece'], $left['part']);
                self::assertNotSame('', $left['why']);
            }
            sort($names);
            $all = array_map(strval(...), array_keys($parts));
            sort($all);
            self::assertSame($all, $names);
            self::assertCount(\count($laid['sheets']), Layout::planned($laid)->sheets);
            self::assertCount(\count($laid['left']), Layout::planned($laid)->left);
        }
    }

    public function testWhatIsLeftOrTakesMoreFilmCostsMore(): void
    {
        foreach (self::made() as [$parts, $stock, $plan]) {
            $layout = new Layout($parts, $stock);
            $laid = $layout->laid($plan);
            self::assertNotSame([], $laid['sheets']);
            $longer = $laid;
            $longer['sheets'][0]['length'] += 40_000;
            self::assertGreaterThan($layout->cost($laid), $layout->cost($longer));
            $less = $laid;
            $one = array_pop($less['sheets'][0]['places']);
            self::assertNotNull($one);
            $less['left'][] = ['piece' => $one['piece'], 'part' => $one['part'], 'why' => 'taken off'];
            self::assertGreaterThan($layout->cost($laid), $layout->cost($less));
        }
    }

    /** @return iterable<int, array{array<int|string, NestPiece>, array<int|string, NestStock>, Plan}> by seed */
    private static function made(): iterable
    {
        for ($seed = 1; $seed <= 8; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $parts = [];
            for ($nth = $chance->getInt(2, 9); $nth > 0; --$nth) {
                $name = NestParts::name(10 + $nth, 0 === $nth % 3 ? $chance->getInt(0, 2) : -1);
                $box = Box::sized(1000 * $chance->getInt(20, 180), 1000 * $chance->getInt(20, 120));
                $parts[$name] = new NestPiece($name, $box->region());
            }
            $stock = ['4' => NestStock::sheet('4', 200_000, 160_000), '7' => NestStock::sheet('7', 300_000, 200_000)];
            $nest = new Nest(new Gaps(3000, 3000, 2000), [0, 90]);
            yield $seed => [$parts, $stock, $nest->plan(array_values($stock), array_values($parts))];
        }
    }
}
