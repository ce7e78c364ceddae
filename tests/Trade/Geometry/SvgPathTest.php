<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Geometry\UnreadablePath;

final class SvgPathTest extends TestCase
{
    /** @return iterable<string, array{string, float, float}> area in mm² and its tolerance */
    public static function paths(): iterable
    {
        yield 'lines' => ['M0 0L10 0L10 10L0 10Z', 100, 1e-6];
        yield 'relative lines, no spaces' => ['m0,0l10,0 0,10-10,0z', 100, 1e-6];
        yield 'horizontal and vertical' => ['M0 0H10V10H0Z', 100, 1e-6];
        yield 'relative horizontal and vertical' => ['M5 5h10v10h-10z', 100, 1e-6];
        yield 'points after M are lines' => ['M0 0 10 0 10 10 0 10', 100, 1e-6];
        yield 'a circle of two arcs' => ['M0 10A10 10 0 0 1 20 10A10 10 0 0 1 0 10Z', \M_PI * 100, 0.2];
        yield 'arc flags run together' => ['M0 10a10 10 0 0120 0a10 10 0 01-20 0z', \M_PI * 100, 0.2];
        yield 'an oval, tilted, its radii too short for the chord and so scaled up' => [
            'M-10 0A10 5 30 0 1 10 0A10 5 30 0 1 -10 0Z',
            \M_PI * 87.5,
            0.3,
        ];
        yield 'a circle of cubics' => [
            'M10 0C10 5.523 5.523 10 0 10S-10 5.523 -10 0S-5.523 -10 0 -10S10 -5.523 10 0Z',
            \M_PI * 100,
            0.3,
        ];
        yield 'parabolas by Q and T' => ['M0 0Q5 10 10 0T20 0L20 -20L0 -20Z', 400, 0.2];
        yield 'a counter' => ['M0 0H20V20H0ZM5 5V15H15V5Z', 300, 1e-6];
        yield 'a counter in its own move, relative' => ['m0 0h20v20h-20zm5 5v10h10v-10z', 300, 1e-6];
        yield 'exponents' => ['M0 0L1e1 0L10 1E1L0 10Z', 100, 1e-6];
    }

    #[DataProvider('paths')]
    public function testReadsEveryCommand(string $path, float $area, float $within): void
    {
        self::assertEqualsWithDelta($area, SvgPath::read($path)->area(), $within);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'no start' => ['L0 0', 'starts with M'];
        yield 'unknown command' => ['M0 0B1 1', 'not a path command'];
        yield 'too few figures' => ['M0 0L10', 'fewer'];
        yield 'a bad flag' => ['M0 0A1 1 0 2 0 5 5Z', 'fewer'];
        yield 'nothing' => ['', 'no area'];
        yield 'a line' => ['M0 0L10 0Z', 'no area'];
        yield 'too far' => ['M0 0H1e9V1Z', '100 m'];
        yield 'figure where a command should be' => ['M0 0H5V5Z 7', 'figure'];
        yield 'not a number' => ['M0 0LNaN 4Z', 'fewer'];
        yield 'too many points' => ['M0 0'.str_repeat('h1v1h-1v-1', 65_000), '100 000'];
        mt_srand(5);
        yield 'a tangle' => [
            'M0 0'.
            implode(
                '',
                array_map(static fn (): string => 'L'.mt_rand(0, 400).' '.mt_rand(0, 400), range(1, 20_000)),
            ),
            'to and fro',
        ];
        yield 'too much text' => [str_repeat('M0 0', 1_300_000), '5 MB'];
    }

    #[DataProvider('broken')]
    public function testSaysWhatIsWrong(string $path, string $says): void
    {
        $this->expectException(UnreadablePath::class);
        $this->expectExceptionMessageMatches('~'.$says.'~');
        SvgPath::read($path);
    }

    public function testFlattensFinely(): void
    {
        $box = SvgPath::read('M0 50A50 50 0 0 1 100 50A50 50 0 0 1 0 50Z')->box();
        self::assertEqualsWithDelta(100_000, $box->height(), 9);
    }
}
