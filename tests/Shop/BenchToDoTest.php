<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Week\BenchToDo;

/** What the bench has to do is the sum of its things, and what waits longest is waited for. */
final class BenchToDoTest extends TestCase
{
    public function testCoatsAreCountedOneByOneAndTheLongestWaitCounts(): void
    {
        $work = new BenchToDo();
        $work->apply(4.5);
        $work->apply(3.0);
        $work->coat(0, 2, 20);
        $work->coat(1, 2, 20);
        $work->coat(0, 1, 2880);
        $work->rest(4320, true);
        $work->rest(60, true);
        $work->rest(120, false);
        self::assertSame([7.5, [[3, 2880], [2, 20]], 4320, 120], $work->all());
    }

    public function testNothingToDoIsNothing(): void
    {
        self::assertSame([0.0, [], 0, 0], (new BenchToDo())->all());
    }

    public function testTheOrderOfThingsDoesNotMatter(): void
    {
        $calls = [
            static fn (BenchToDo $work) => $work->coat(0, 1, 15),
            static fn (BenchToDo $work) => $work->coat(0, 4, 5),
            static fn (BenchToDo $work) => $work->rest(30, false),
            static fn (BenchToDo $work) => $work->rest(90, false),
            static fn (BenchToDo $work) => $work->apply(2.0),
        ];
        $sum = static function (array $calls): array {
            $work = new BenchToDo();
            foreach ($calls as $call) {
                $call($work);
            }

            return $work->all();
        };
        self::assertSame($sum($calls), $sum(array_reverse($calls)));
    }
}
