<?php

declare(strict_types=1);

namespace Yelbo\Tests\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What `./yelbo test --changed` runs: all that a change can touch, and less than everything. */
final class TouchedTest extends TestCase
{
    public static function setUpBeforeClass(): void
    {
        require_once \dirname(__DIR__, 2).'/tools/checks/Touched.php';
    }

    private static function touched(string ...$files): \Touched
    {
        return \Touched::of(\dirname(__DIR__, 2), array_values($files));
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> what is changed, what is run for it, what is
     *     not
     */
    public static function changes(): iterable
    {
        yield 'a leaf of the shop' => [
            'src/Shop/Report/Margins.php',
            ['tests/Shop/CostsTest.php', 'tests/Architecture/HouseStyleTest.php'],
            ['tests/Web/SizeTest.php', 'tests/Trade/Sheet/NestTest.php'],
        ];
        yield 'a rule of the core' => [
            'src/Trade/Week/Timetable.php',
            ['tests/Trade/Week/WeekPlannerTest.php', 'tests/Shop/WeekTest.php', 'tests/Web/OrderTest.php'],
            ['tests/Trade/Knife/TourTest.php', 'tests/Web/PhotosTest.php'],
        ];
        yield 'what all rests on' => [
            'src/Trade/Measure/Length.php',
            ['tests/Trade/Measure/LengthTest.php', 'tests/Trade/Object/SurfaceTest.php', 'tests/Web/SizeTest.php'],
            ['tests/Trade/Journey/JourneyTest.php'],
        ];
        yield 'a command' => [
            'src/Console/WeedCommand.php',
            ['tests/Console/TradeCommandsTest.php'],
            ['tests/Web/StockTest.php'],
        ];
        yield 'a test' => ['tests/Web/StockTest.php', ['tests/Web/StockTest.php'], ['tests/Web/OrderTest.php']];
        yield 'what tests share' => [
            'tests/Web/OrderWalk.php',
            ['tests/Web/WholeOrdersTest.php'],
            ['tests/Web/StockTest.php'],
        ];
        yield 'a station' => [
            'ui/src/stations/week/Board.tsx',
            ['tests/browser/week.spec.ts', 'tests/ui/turn.test.ts'],
            ['tests/browser/check.spec.ts'],
        ];
        yield 'what all pages share' => [
            'ui/src/parts/fields.tsx',
            ['tests/browser/check.spec.ts', 'tests/browser/week.spec.ts'],
            [],
        ];
    }

    /**
     * @param list<string> $run
     * @param list<string> $not
     */
    #[DataProvider('changes')]
    public function testWhatAChangeTouchesIsRun(string $changed, array $run, array $not): void
    {
        $touched = self::touched($changed);
        self::assertFalse($touched->isWhole());
        $tests = $touched->tests();
        self::assertSame([], array_values(array_diff($run, $tests)), 'not run');
        self::assertSame([], array_values(array_intersect($not, $tests)), 'run for nothing');
        foreach ($tests as $test) {
            self::assertFileExists(\dirname(__DIR__, 2)."/$test");
        }
    }

    public function testWhatIsNeitherCodeNorWordsTouchesEverything(): void
    {
        foreach ([
            'config/services.yaml',
            'migrations/Version20261128000000.php',
            'composer.json',
            'tools/checks.sh',
            'yelbo',
        ] as $file) {
            self::assertTrue(self::touched($file)->isWhole(), $file);
        }
        self::assertSame([], self::touched('docs/operations.md', 'README.md')->files);
    }
}
