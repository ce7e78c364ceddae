<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Rules;

/**
 * Words with one known defect each, put at a known spot: it is found there and nothing else is;
 * without it nothing is found; and a cure takes it away without a new stop.
 */
final class CorpusTest extends TestCase
{
    /** mm */
    private const NEAR = 0.5;

    /** @return iterable<string, array{string, int, string}> face, letter height in mm, kind of defect */
    public static function defects(): iterable
    {
        foreach (['bebas' => 60, 'alfa-slab' => 50, 'anton' => 60, 'rubik' => 60] as $face => $height) {
            foreach (['hair', 'dot', 'pinhole', 'slit'] as $kind) {
                yield "$kind in $face" => [$face, $height, $kind];
            }
        }
    }

    #[DataProvider('defects')]
    public function testFindsADefectPutInAWord(string $face, int $height, string $kind): void
    {
        $word = Lettering::typesetter()->top(Lettering::words($face, 'HIT'), 1000 * $height);
        self::assertSame([], self::stops($word), 'clean without it');
        [$broken, $code, $spot] = self::put($word, $kind);
        $found = array_values(
            array_filter(
                self::check()->snags($broken, 1000 * $height),
                static fn (Snag $snag): bool => $snag->code->value === $code,
            ),
        );
        self::assertCount(1, $found, $code);
        self::assertNotNull($found[0]->at);
        // A slit is as long as the block beside it: anywhere along it is on the spot.
        $along = 'slit' === $kind ? 4_000 : 0;
        self::assertLessThan(
            self::NEAR,
            hypot($found[0]->at[0] - $spot[0], max(0, abs($found[0]->at[1] - $spot[1]) - $along)) / 1000,
        );
        foreach (SnagGroup::all(self::check()->snags($broken, 1000 * $height)) as $group) {
            self::assertSame($code, $group->code->value, 'nothing else is found');
            $this->cureAll($group, $broken);
        }
    }

    /** Whatever can be done to the outlines alone is done, and takes the snag away. */
    private function cureAll(SnagGroup $group, Region $broken): void
    {
        $tried = 0;
        foreach ($group->cures as $cure) {
            if (!\in_array($cure['do'], [Remedy::Thicken, Remedy::Fuse, Remedy::Fill, Remedy::Drop], true)) {
                continue;
            }
            ++$tried;
            $mended = (new Mending())->with($cure['do']->value, $cure['by'] ?? 0)->apply($broken);
            $codes = array_map(static fn (Snag $snag): string => $snag->code->value, self::check()->snags($mended));
            self::assertNotContains($group->code->value, $codes, $cure['do']->value);
            self::assertSame([], self::stops($mended), "{$cure['do']->value} brings no new stop");
        }
        self::assertGreaterThan(0, $tried);
    }

    /**
     * @return array{Region, string, array{float, float}} the word with its defect, the snag's code, and where it is in
     *     µm
     */
    private static function put(Region $word, string $kind): array
    {
        $box = $word->box();
        $first = $word->pieces()[0]->box();
        // The middle of the first upright, whose left edge is the word's.
        $stem = Geos::intersection(
            $word,
            (new Box($first->left, $first->top + 4000, $first->left + 60_000, $first->top + 5000))->region(),
        )
            ->pieces()[0]
            ->box();
        [$cx, $cy] = [($stem->left + $stem->right) / 2, (float) $stem->top + 500];
        $square = static fn (float $x, float $y, float $wide, float $high): Region => SvgPath::read(
            \sprintf(
                'M%F %Fh%Fv%Fh%FZ',
                ($x - $wide / 2) / 1000,
                ($y - $high / 2) / 1000,
                $wide / 1000,
                $high / 1000,
                -$wide / 1000,
            ),
        );
        [$left, $bottom] = [$box->left, $box->bottom];

        return match ($kind) {
            // A whisker that joins the first letter to a block of film beside it.
            'hair' => [
                Geos::union([
                    $word,
                    $square($left - 4_000, $cy, 10_000, 700),
                    $square($left - 11_000, $cy, 8_000, 8_000),
                ]),
                'thin-stroke',
                [$left - 3_500.0, $cy],
            ],
            'dot' => [
                Geos::union([$word, $square($left + 3_000, $bottom + 6_000, 1_500, 1_500)]),
                'small-island',
                [$left + 3_000.0, $bottom + 6_000.0],
            ],
            'pinhole' => [
                Geos::difference($word, $square($cx, $cy + 4_000, 900, 900)),
                'small-counter',
                [$cx, $cy + 4_000],
            ],
            default => [
                Geos::union([$word, $square($left - 4_000 - 500, $cy, 8_000, 8_000)]),
                'tight-gap',
                [$left - 250.0, $cy],
            ],
        };
    }

    /**
     * @return iterable<string, array{string, string, float, float}> inside of a page in mm, the snag, and where it is
     */
    public static function drawings(): iterable
    {
        $plate = '<rect x="10" y="10" width="40" height="30"/>';
        yield 'a hairline' => [
            $plate.'<path d="M50 25H70" stroke="black" stroke-width="0.5"/><circle cx="75" cy="25" r="6"/>',
            'thin-stroke',
            60,
            25,
        ];
        yield 'a dot of ink' => [$plate.'<circle cx="70" cy="15" r="0.6"/>', 'small-island', 70, 15];
        yield 'a pinhole' => [
            '<path fill-rule="evenodd" d="M10 10H50V40H10ZM30 24.5H31V25.5H30Z"/>',
            'small-counter',
            30.5,
            25,
        ];
        yield 'a hair’s breadth between two' => [
            $plate.'<rect x="50.4" y="24" width="20" height="2.5"/>',
            'tight-gap',
            50.2,
            25.25,
        ];
        yield 'a neck in a group that is turned' => [
            '<g transform="rotate(90 30 30)"><path d="M10 10H28V29.6H32V10H50V50H32V30.4H28V50H10Z"/></g>',
            'thin-stroke',
            30,
            30,
        ];
    }

    #[DataProvider('drawings')]
    public function testFindsADefectInADrawing(string $inside, string $code, float $x, float $y): void
    {
        $drawing = SvgDrawing::read(
            '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="60mm" viewBox="0 0 100 60"><rect '
                ."width=\"1\" height=\"1\" fill=\"none\"/>$inside</svg>",
        );
        $corner = SvgPath::read('M10 10h1v1h-1Z')->box();
        $found = self::check()->snags($drawing->whole());
        self::assertSame([$code], array_map(static fn (Snag $snag): string => $snag->code->value, $found));
        self::assertNotNull($found[0]->at);
        // The drawing's own frame begins at its box; every one here begins 10 mm in.
        self::assertEqualsWithDelta($y, ($found[0]->at[1] + $corner->top) / 1000, self::NEAR);
        // A hairline is one defect along all of it.
        self::assertEqualsWithDelta($x, ($found[0]->at[0] + $corner->left) / 1000, 60.0 === $x ? 10.0 : self::NEAR);
    }

    public function testLargerArtHasNoMoreThinStrokes(): void
    {
        mt_srand(41);
        $faces = ['great-vibes', 'playfair', 'cinzel', 'sacramento', 'lobster', 'libre-baskerville'];
        for ($try = 0; $try < 8; ++$try) {
            $word = Lettering::typesetter()->top(
                Lettering::words($faces[$try % 6], ['Heron', 'Swift', 'Teal', 'Cox'][$try % 4]),
                6_000 + 1000 * mt_rand(0, 8),
            );
            $before = \count(
                array_filter(
                    self::check()->snags($word),
                    static fn (Snag $snag): bool => 'thin-stroke' === $snag->code->value,
                ),
            );
            $after = $word->scaled(1.0 + mt_rand(10, 120) / 100);
            // One long thin place may fall into several as parts of it grow thick enough.
            self::assertLessThanOrEqual(
                3 * $before,
                \count(
                    array_filter(
                        self::check()->snags($after),
                        static fn (Snag $snag): bool => 'thin-stroke' === $snag->code->value,
                    ),
                ),
                'where there was none there is none',
            );
        }
    }

    public function testMirroredTwiceIsTheSameAndMirroredHasTheSameSnags(): void
    {
        foreach (['great-vibes', 'fredoka', 'pirata'] as $face) {
            $word = Lettering::typesetter()->top(Lettering::words($face, 'Dog'), 14_000);
            $mirrored = $word->mirrored();
            self::assertEquals($word, $mirrored->mirrored());
            self::assertEquals($word->box(), $mirrored->box());
            self::assertEqualsWithDelta($word->area(), $mirrored->area(), 1e-9);
            $count = static fn (Region $region): array => array_count_values(
                array_map(static fn (Snag $snag): string => $snag->code->value, self::check()->snags($region)),
            );
            self::assertSame($count($word), $count($mirrored), $face);
        }
    }

    /** @return list<string> */
    private static function stops(Region $region): array
    {
        return array_map(
            static fn (Snag $snag): string => "{$snag->code->value} $snag->found",
            array_values(
                array_filter(
                    self::check()->snags($region),
                    static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
                ),
            ),
        );
    }

    private static function check(): Cutability
    {
        return new Cutability(Film::Permanent->limits(Rules::standard())->in(Usage::Indoor, Rules::standard()));
    }
}
