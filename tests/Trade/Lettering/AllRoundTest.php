<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Object\Wall;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Words all round: wherever two of them meet, where the ends do too, the space between them is the same. */
final class AllRoundTest extends TestCase
{
    /** µm: what corners on the grid, and curves bent by chords, come to. */
    private const EVEN = 200;

    private static function mm(float $mm): Length
    {
        return Length::millimetres($mm);
    }

    /** @return iterable<string, array{Wall, string, int, int}> */
    public static function walls(): iterable
    {
        mt_srand(73);
        $faces = ['oswald', 'anton', 'libre-baskerville', 'comfortaa', 'pacifico'];
        for ($nth = 0; $nth < 9; ++$nth) {
            $wide = mt_rand(150, 700);
            $high = mt_rand(25, 300);
            $narrow = mt_rand(0, 2) > 0 ? $wide - mt_rand(1, min(120, 5 * $high)) : $wide;
            $wall = $narrow === $wide
                ? new Cylinder(self::mm($wide), self::mm($high), 360)
                : new Taper(self::mm($wide), self::mm($narrow), self::mm($high), 0 === mt_rand(0, 1), 360);
            $name = \sprintf('%d: %d/%d x %d', $nth, $wide, $narrow, $high);
            yield $name => [$wall, $faces[mt_rand(0, 4)], mt_rand(1, 7), mt_rand(-40, 120)];
        }
    }

    #[DataProvider('walls')]
    public function testEndsMeetAsWordsDo(Wall $wall, string $face, int $many, int $tracking): void
    {
        $words = self::words($face, implode(' ', array_fill(0, $many, 'BEE')), $tracking);
        $largest = self::fit($wall, $words);
        $clearance = $wall->clearance(Rules::standard());
        self::assertTrue($largest->inside);
        self::assertSame($largest->capHeight, $largest->largest);
        foreach ([1.0, 0.4] as $share) {
            $fitted = 1.0 === $share ? $largest : self::fit($wall, $words, (int) ($share * $largest->capHeight));
            self::assertTrue($fitted->inside);
            self::assertEqualsWithDelta($largest->largest, $fitted->largest, 5, 'whatever size is looked at');
            $gaps = self::gaps($wall, $fitted, $many);
            self::assertCount($many, $gaps);
            self::assertLessThan(self::EVEN, max($gaps) - min($gaps), implode(' ', $gaps));
            self::assertGreaterThan(2 * $clearance - self::EVEN, min($gaps));
        }
        self::assertFalse(self::fit($wall, $words, (int) ceil(1.01 * $largest->capHeight))->inside);
    }

    public function testKeepsClearOfAHandle(): void
    {
        $mug = new Cylinder(self::mm(260), self::mm(95), 360);
        $handle = (new Box(0, 0, 20_000, 95_000))->region();
        $words = self::words('oswald', 'TEA TEA TEA', 0);
        $free = self::fit($mug, $words);
        $kept = self::fit(new SurfaceLessKeepOuts($mug, $handle), $words);
        self::assertTrue($kept->inside);
        self::assertLessThan($free->capHeight, $kept->capHeight);
        $gaps = self::gaps($mug, $kept, 3);
        self::assertGreaterThan(19_000, $gaps[2]);
    }

    public function testIsForWallsThatClose(): void
    {
        $words = self::words('oswald', 'ALL ROUND', 0);
        foreach ([
            new Ellipse(new Size(self::mm(90), self::mm(90))),
            new Cylinder(self::mm(260), self::mm(95), 120),
        ] as $surface) {
            try {
                self::fit($surface, $words);
                self::fail('It was fitted.');
            } catch (Refused $refused) {
                self::assertSame('/arrangement', $refused->at);
            }
        }
    }

    private static function words(string $face, string $line, int $tracking): Words
    {
        return Words::set(Lettering::faces()->named($face), [$line], new Setting(Arrangement::AllRound, $tracking));
    }

    private static function fit(Surface $surface, Words $words, ?int $capHeight = null): Fitted
    {
        return (new Fitting(Lettering::typesetter(), Rules::standard()))->fit($surface, $words, $capHeight);
    }

    /**
     * The widest gaps along the wall where the middle of the art lies, as many as there are words; the one where the
     * ends meet is the last.
     *
     * @return non-empty-list<float> µm
     */
    private static function gaps(Wall $wall, Fitted $fitted, int $many): array
    {
        $art = $wall->straight($fitted->artwork->top()->moved(...$fitted->at));
        $all = $art->box();
        $y = ($all->top + $all->bottom) / 2;
        // Laid straight, lengths are those half-way down: what is round it there lies on what is round it here.
        $here = $wall->around($y) / $wall->around($wall instanceof Taper ? $wall->wall()->height->micrometres / 2 : $y);
        $pieces = array_map(
            static fn (Region $piece): array => [$piece->box()->left, $piece->box()->right],
            $art->pieces(),
        );
        sort($pieces);
        $gaps = [];
        $end = $pieces[0][1];
        foreach ($pieces as [$left, $right]) {
            $gaps[] = $here * max(0, $left - $end);
            $end = max($end, $right);
        }
        rsort($gaps);

        return [...\array_slice($gaps, 0, $many - 1), $wall->around($y) - $here * ($end - $pieces[0][0])];
    }
}
