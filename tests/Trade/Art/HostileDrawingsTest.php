<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Art;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Geometry\UnreadablePath;
use Yelbo\Trade\Refused;

/** Drawings made to break it: each is read or refused with a sentence, and none costs more than it may. */
final class HostileDrawingsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(\dirname(__DIR__, 2).'/hostile/*.svg') ?: [] as $file) {
            yield basename($file) => [(string) file_get_contents($file)];
        }
        $svg = static fn (string $body): string => "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' "
            ."height='100mm' viewBox='0 0 100 100'>$body</svg>";
        yield '20 000 paths' => [$svg(str_repeat('<path d="M0 0L9 0L9 9Z"/>', 20_000))];
        $apart = '';
        for ($nth = 0; $nth < 4900; ++$nth) {
            $apart .= \sprintf('<path d="M%1$d %2$dh.5v.5h-.5z"/>', $nth % 70, intdiv($nth, 70));
        }
        yield '4 900 paths' => [$svg($apart)];
        $weave = '';
        for ($nth = 0; $nth < 2000; ++$nth) {
            $weave .= \sprintf(
                '<rect x="%1$F" width=".01" height="100"/><rect y="%1$F" height=".01" width="100"/>',
                $nth / 20,
            );
        }
        yield 'a weave of 4 000 threads' => [$svg($weave)];
        $rules = '';
        for ($nth = 0; $nth < 20_000; ++$nth) {
            $rules .= "path.c$nth{fill:#123456}";
        }
        yield '20 000 rules' => [
            $svg("<style>$rules</style>".str_repeat('<path class="c1 c2 c3" d="M0 0L9 0L9 9Z"/>', 4900)),
        ];
        $attributes = implode(' ', array_map(static fn (int $nth): string => "a$nth='1'", range(1, 20_000)));
        yield '20 000 attributes' => [$svg("<path d='M0 0L9 0L9 9Z' $attributes/>")];
        $colours = '';
        for ($nth = 0; $nth < 3000; ++$nth) {
            $colours .= \sprintf('<rect fill="#%06x" x="%F" width="50" height="50"/>', 40 * $nth, $nth / 100);
        }
        yield '3 000 colours over each other' => [$svg($colours)];
        yield 'a comb of 20 000 teeth' => [$svg('<path d="M0 0'.str_repeat('l.0025 50l.0025 -50', 20_000).'V-1H0Z"/>')];
    }

    #[DataProvider('files')]
    public function testItIsReadOrRefusedWithASentence(string $svg): void
    {
        try {
            foreach (SvgDrawing::read($svg)->layers as $layer) {
                foreach ($layer->rings() as $ring) {
                    self::assertGreaterThanOrEqual(3, \count($ring));
                }
            }
            self::assertNotSame('', $svg);
        } catch (Refused $refused) {
            self::assertMatchesRegularExpression('~^[A-Z].{15,}\.$~su', $refused->getMessage());
        }
    }

    /** @return iterable<string, array{string}> */
    public static function paths(): iterable
    {
        yield 'too far' => ['M0 0L1e400 0L1 1Z'];
        yield 'a full-width digit' => ["M0 0L\u{ff11}\u{ff10} 0L1 1Z"];
        yield 'an arc of 1e308' => ['M0 0A1e308 1e308 0 0 1 10 10L0 10Z'];
        yield 'to and fro' => ['M'.self::anywhere(1500).'Z'];
        yield 'twenty thousand corners anywhere' => ['M'.self::anywhere(20_000).'Z'];
    }

    #[DataProvider('paths')]
    public function testAPathIsRefusedWithASentence(string $path): void
    {
        try {
            SvgPath::read($path);
            self::fail('It was read.');
        } catch (UnreadablePath $unreadable) {
            self::assertMatchesRegularExpression('~^[A-Z].{15,}\.$~su', $unreadable->getMessage());
        }
    }

    public function testWhatIsOnlyLongIsReadAllTheSame(): void
    {
        $round = [];
        for ($nth = 0; $nth < 20_000; ++$nth) {
            $way = 2 * \M_PI * $nth / 20_000;
            $far = 100 + 2 * sin(200 * $way);
            $round[] = \sprintf('%.3F %.3F', $far * cos($way), $far * sin($way));
        }
        self::assertEqualsWithDelta(\M_PI * (100 ** 2 + 2), SvgPath::read('M'.implode('L', $round).'Z')->area(), 5);
    }

    private static function anywhere(int $corners): string
    {
        mt_srand(7);
        $points = [];
        for ($nth = 0; $nth < $corners; ++$nth) {
            $points[] = mt_rand(0, 10_000) / 100 .' '.mt_rand(0, 10_000) / 100;
        }

        return implode('L', $points);
    }
}
