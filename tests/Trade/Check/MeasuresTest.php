<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\Measures;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Rules;

/** What is smallest in a glyph says whether words can be cut, at any size. */
final class MeasuresTest extends TestCase
{
    public function testMeasuresWhatIsSmallest(): void
    {
        // A post with a dot above, and a ring: stroke 2, dot 3 across, inside 6 across.
        $film = SvgPath::read(
            'M0 5H2V20H0ZM0 0H3V3H0ZM10 10A5 5 0 1 1 20 10A5 5 0 1 1 10 10ZM12 10A3 3 0 1 0 18 10A3 3 0 1 0 12 10Z',
        );
        $measures = Measures::ofRegion($film, 20_000);
        self::assertEqualsWithDelta(0.1, $measures->stroke, 0.006);
        self::assertEqualsWithDelta(0.1, $measures->island, 0.001);
        self::assertEqualsWithDelta(0.3, $measures->counter, 0.003);
        [$share, $code, $found] = $measures->worst(10_000, Film::Permanent->limits(Rules::standard()));
        self::assertSame(SnagCode::SmallIsland, $code);
        self::assertEqualsWithDelta(0.5, $share, 0.01);
        self::assertEqualsWithDelta(1000, $found, 5);
        $both = $measures->and(new Measures(0.05, null, 0.5));
        self::assertSame([0.05, 0.1], [$both->stroke, round((float) $both->island, 3)]);
    }

    /** Mended as it is to be, and cut out of a solid. */
    public function testWhatIsMendedIsMeasuredMended(): void
    {
        $plain = new Measures(0.05, 0.08, 0.06);
        $thick = $plain->mended(new Mending(thicken: 200), 20_000);
        self::assertEqualsWithDelta([0.07, 0.1, 0.04], [$thick->stroke, $thick->island, $thick->counter], 1e-9);
        self::assertNull($plain->mended(new Mending(fill: 1300), 20_000)->counter, 'filled');
        self::assertNull($plain->mended(new Mending(thicken: 700), 20_000)->counter, 'closed');
        self::assertNull($plain->mended(new Mending(drop: 1700), 20_000)->island, 'left out');
        self::assertSame($plain, $plain->mended(new Mending(fuse: 900), 20_000));
        $out = $plain->knockedOut(false);
        self::assertSame([0.06, 0.05], [$out->island, $out->counter]);
        self::assertNull($plain->knockedOut(true)->island, 'bars hold it');
    }

    /** Shipped measures agree with measuring the glyphs anew. */
    public function testShippedMeasuresAreOfTheseFaces(): void
    {
        $shipped = Lettering::faces()->measures();
        foreach (['oswald' => 'Ae8', 'pacifico' => 'Qg', 'playfair' => 'Wi'] as $slug => $letters) {
            $words = Lettering::words($slug, $letters);
            foreach (Lettering::typesetter()->glyphs($words, 0) as $glyph) {
                $fresh = Measures::ofRegion(Lettering::typesetter()->glyph($words->face, $glyph, 20_000), 20_000);
                self::assertEqualsWithDelta(
                    $shipped[$slug][$glyph],
                    [
                        round($fresh->stroke, 4),
                        null === $fresh->island ? null : round($fresh->island, 4),
                        null === $fresh->counter ? null : round($fresh->counter, 4),
                        round((float) $fresh->sure, 4),
                    ],
                    0.0002,
                    "$slug $glyph",
                );
            }
        }
        self::assertSame(
            [],
            array_diff(array_map(static fn ($face) => $face->slug, Lettering::faces()->all()), array_keys($shipped)),
        );
    }

    /** What letters have for sure the check lets pass, and what they lack by much it stops at. */
    public function testWhatIsSureIsWhatTheCheckSays(): void
    {
        $quick = new FaceMeasures(Lettering::faces(), Lettering::typesetter(), new InMemoryCache());
        $rules = Rules::standard();
        $sure = $short = 0;
        foreach (Lettering::faces()->all() as $nth => $face) {
            foreach (['Mg', 'KÅ', 'i8'] as $letters) {
                $words = Words::set($face, [$letters], new Setting(tracking: 400));
                $cap = 3000 + 1500 * (($nth * 7 + \ord($letters)) % 11);
                $limits = Film::Permanent->limits($rules);
                $spare = $quick->spare($words, $cap, $limits);
                if (null === $spare || abs($spare - 1) < 0.03) {
                    continue;
                }
                $stops = array_filter(
                    (new Cutability($limits))->snags(Lettering::typesetter()->top($words, $cap)),
                    static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
                );
                self::assertSame($spare > 1, [] === $stops, "$face->slug $letters at $cap: $spare");
                $spare > 1 ? ++$sure : ++$short;
            }
        }
        self::assertGreaterThan(10, $sure);
        self::assertGreaterThan(10, $short);
    }

    /** The quick judgement is the whole one's, in nearly every face. */
    public function testTheQuickJudgementAgreesWithTheWholeOne(): void
    {
        $quick = new FaceMeasures(Lettering::faces(), Lettering::typesetter(), new InMemoryCache());
        $limits = Film::Permanent->limits(Rules::standard());
        $agree = $all = 0;
        foreach (Lettering::faces()->all() as $face) {
            foreach ([9000, 30_000] as $cap) {
                $words = Lettering::words($face->slug, 'Kestrel');
                $able = $quick->ofWords($words)->worst($cap, $limits)[0] >= 1;
                $stops = array_filter(
                    (new Cutability($limits))->snags(Lettering::typesetter()->top($words, $cap)),
                    static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
                );
                $agree += $able === ([] === $stops) ? 1 : 0;
                ++$all;
            }
        }
        self::assertGreaterThan(0.85 * $all, $agree);
    }

    public function testAGlyphNobodyMeasuredIsMeasuredWhenAsked(): void
    {
        $quick = new FaceMeasures(Lettering::faces(), Lettering::typesetter(), new InMemoryCache());
        self::assertGreaterThan(0.02, $quick->ofWords(Lettering::words('lobster', 'Жук'))->stroke);
    }
}
