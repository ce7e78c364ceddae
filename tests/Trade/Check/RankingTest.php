<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FaceRanking;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Check\SetCheck;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\SketchFitting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Faces are ranked by whether they can be cut, and of a set those are looked at that have least to spare. */
final class RankingTest extends TestCase
{
    private static function measures(): FaceMeasures
    {
        return new FaceMeasures(Lettering::faces(), Lettering::typesetter(), new InMemoryCache());
    }

    /** @return non-empty-list<Face> every third, Pacifico among them */
    private static function faces(): array
    {
        return array_values(
            array_filter(
                Lettering::faces()->all(),
                static fn (int $nth): bool => 0 === $nth % 3,
                \ARRAY_FILTER_USE_KEY,
            ),
        ) ?:
            throw new \LogicException('No faces.');
    }

    /** @return list<FaceSample> */
    private static function ranked(float $width, Limits $limits, ?\Closure $set = null): array
    {
        $ranking = new FaceRanking(
            new SketchFitting(Lettering::typesetter(), Rules::standard()),
            Lettering::typesetter(),
            self::measures(),
        );

        return $ranking->rank(
            new Rectangle(Size::millimetres($width, $width / 2), Length::millimetres(0)),
            self::faces(),
            $set ?? static fn (Face $face): Words => Lettering::words($face->slug, 'Marigold'),
            $limits,
        );
    }

    public function testAllThatCanBeCutComeBeforeAllThatCannot(): void
    {
        foreach ([60.0, 120.0, 400.0] as $width) {
            $able = array_map(
                static fn (FaceSample $sample): bool => $sample->canBeCut(),
                self::ranked($width, Film::Permanent->limits(Rules::standard())),
            );
            self::assertCount(\count(self::faces()), $able);
            $sorted = $able;
            rsort($sorted);
            self::assertSame($sorted, $able, "on $width mm");
        }
    }

    public function testWhatTheSamplerCallsGoodTheCheckLetsPass(): void
    {
        $rules = Rules::standard();
        $fitting = new Fitting(Lettering::typesetter(), $rules);
        $ranking = new FaceRanking(
            new SketchFitting(Lettering::typesetter(), $rules),
            Lettering::typesetter(),
            self::measures(),
        );
        $all = Lettering::faces()->all() ?: throw new \LogicException('No faces.');
        $seen = [];
        foreach (
            [
                ['27', 80, 80, Film::Permanent],
                ['27', 80, 80, Film::Glitter],
                ['Kettle & Rope', 200, 50, Film::Permanent],
                // Hairlines, letters that reach over each other, marks above.
                ['Mill', 60, 30, Film::Permanent],
                ['AVATÅ fjörd', 140, 40, Film::Permanent],
            ] as [$words, $width, $height, $film]
        ) {
            $object = new Rectangle(Size::millimetres($width, $height), Length::millimetres(0));
            $limits = $film->limits($rules);
            $set = static fn (Face $face): Words => Lettering::words($face->slug, $words);
            $told = $checked = [];
            foreach ($ranking->rank($object, $all, $set, $limits) as $sample) {
                $fitted = $fitting->fit($object, $set($sample->face));
                $stops = array_filter(
                    (new Cutability($limits))->snags($fitted->artwork->top(), $fitted->capHeight),
                    static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
                );
                $told[$sample->face->slug] = $sample->canBeCut();
                $checked[$sample->face->slug] = [] === $stops;
            }
            self::assertSame($checked, $told, "$words in $film->value");
            $seen = [...$seen, ...array_values($checked)];
        }
        self::assertContains(false, $seen);
        self::assertContains(true, $seen);
    }

    public function testALargerObjectNeverTakesAFaceAway(): void
    {
        $able = static fn (float $width): int => \count(
            array_filter(
                self::ranked($width, Film::Glitter->limits(Rules::standard())),
                static fn (FaceSample $sample): bool => $sample->canBeCut(),
            ),
        );
        self::assertLessThanOrEqual($able(200.0), $able(60.0));
        self::assertLessThanOrEqual($able(800.0), $able(200.0));
        self::assertGreaterThan($able(30.0), $able(800.0), 'and a much larger one brings some');
    }

    public function testAFaceThatRefusesTheWordsComesLastWithItsSentence(): void
    {
        $samples = self::ranked(
            200.0,
            Film::Permanent->limits(Rules::standard()),
            static fn (Face $face): Words => 'pacifico' === $face->slug
                ? throw new Refused('no-glyph', 'Pacifico has no such letter.', '/lines/0')
                : Lettering::words($face->slug, 'Marigold'),
        );
        $last = end($samples);
        self::assertInstanceOf(FaceSample::class, $last);
        self::assertFalse($last->canBeCut());
        self::assertSame('Pacifico has no such letter.', $last->verdict);
    }

    public function testOfASetThoseWithLeastToSpareAreLookedAtAndEachDecalOnce(): void
    {
        $limits = Film::Permanent->limits(Rules::standard());
        $check = new SetCheck(self::measures());
        $members = [];
        foreach ([40, 9, 35, 8, 30, 7, 25, 6, 20, 5, 5] as $cap) {
            $members[] = [Lettering::words('oswald', "Ada$cap"), $cap * 1000, true];
        }
        $members[] = [Lettering::words('oswald', 'Outside'), 50_000, false];
        $tightest = $check->tightest($members, $limits);
        self::assertSame(11, $tightest[0], 'who does not fit at all has least to spare');
        self::assertSame(array_unique($tightest), $tightest);
        self::assertNotContains(10, $tightest, 'the same decal is looked at once');
        $spare = array_map(static fn (int $nth): float => $check->spare(...[...$members[$nth], $limits]), $tightest);
        $sorted = $spare;
        sort($sorted);
        self::assertSame($sorted, $spare);
        foreach (array_diff(array_keys($members), $tightest, [10]) as $nth) {
            self::assertGreaterThanOrEqual(max($spare), $check->spare(...[...$members[$nth], $limits]));
        }
        self::assertSame([0, 1, 2], $check->tightest(\array_slice($members, 0, 3), $limits), 'all of a short set');
    }
}
