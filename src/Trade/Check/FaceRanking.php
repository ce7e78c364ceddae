<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\SketchFitting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;

/**
 * The customer's own words in every face at the largest size that fits, ranked by whether and
 * how well they can be cut. Glyphs alone say which cannot; whether the rest can is said by the check that judges a
 * decal, over the letters fused, since a join of two letters may be thinner than either. Source: handbook section 4.
 */
final readonly class FaceRanking
{
    /** Beyond twice its limit nothing is cut any better. */
    private const ENOUGH = 2.0;
    /** Shares of a limit: with this much to spare it cuts well. */
    private const WELL = 1.3;
    /** Of a limit: glyphs this near under it may still be cut, as they lie. */
    private const NEARLY = 0.97;
    /** Shares of a limit: with this much to spare the check lets letters pass, each by itself. */
    private const SURELY = 1.03;
    /** What a share that the check stops at is told as at the most. */
    private const JUST_UNDER = 0.999;
    /** So many letters are fused and checked in all while somebody waits, and so many faces at the least. */
    private const LETTERS_CHECKED = 1200;
    private const FACES_CHECKED = 12;

    public function __construct(
        private SketchFitting $sketches,
        private Typesetter $typesetter,
        private FaceMeasures $measures,
    ) {
    }

    /**
     * @param non-empty-list<Face>  $faces
     * @param \Closure(Face): Words $set     the words in a face; it may refuse
     * @param list<int>             $offsets widths of the layers underneath, µm
     * @param int                   $thicken what outlines grow by when they are mended, µm
     * @param \Closure(): void|null $before  called before each face; what it throws ends the whole
     *
     * @return list<FaceSample> the best first
     *
     * @throws Refused where the object leaves no room
     */
    public function rank(
        Surface $surface,
        array $faces,
        \Closure $set,
        Limits $limits,
        array $offsets = [],
        int $thicken = 0,
        ?\Closure $before = null,
    ): array {
        $this->shapeAll($faces, $set);
        $room = $this->sketches->room($surface, $offsets, $thicken);
        $samples = array_map(
            function (Face $face) use ($surface, $room, $set, $limits, $before): FaceSample {
                null === $before || $before();

                return $this->sample($face, $surface, $room, $set, $limits);
            },
            $faces,
        );

        return self::bestFirst($this->checked(self::bestFirst($samples), $set, $limits, $before));
    }

    /**
     * @param list<FaceSample> $samples
     *
     * @return list<FaceSample>
     */
    private static function bestFirst(array $samples): array
    {
        usort(
            $samples,
            static fn (FaceSample $a, FaceSample $b): int => [
                !$a->canBeCut(),
                -min(self::ENOUGH, $a->spare),
                -($a->capHeight ?? 0),
            ] <=> [!$b->canBeCut(), -min(self::ENOUGH, $b->spare), -($b->capHeight ?? 0)],
        );

        return $samples;
    }

    /**
     * Samples, those that glyphs let pass judged by the check itself: of long words the best only.
     *
     * @param list<FaceSample>      $samples the best first
     * @param \Closure(Face): Words $set
     * @param \Closure(): void|null $before
     *
     * @return list<FaceSample>
     */
    private function checked(array $samples, \Closure $set, Limits $limits, ?\Closure $before): array
    {
        $left = null;
        foreach ($samples as $nth => $sample) {
            if (null === $sample->film || $sample->spare < self::NEARLY) {
                continue;
            }
            null === $before || $before();
            $words = $set($sample->face);
            $left ??= max(
                self::FACES_CHECKED,
                intdiv(self::LETTERS_CHECKED, max(1, mb_strlen(implode('', $words->lines)))),
            );
            if ($left-- <= 0) {
                break;
            }
            $samples[$nth] = $this->check($sample, $words, $limits);
        }

        return array_values($samples);
    }

    private function check(FaceSample $sample, Words $words, Limits $limits): FaceSample
    {
        $isKnockout = Arrangement::Knockout === $words->setting->arrangement;
        if (null === $sample->film || null === $sample->capHeight || ($isKnockout && $words->setting->isRing())) {
            return $sample;
        }
        $spare = $this->measures->spare($words, $sample->capHeight, $limits);
        if (null !== $spare && $spare > self::SURELY && self::standApart($sample->film)) {
            return $sample->judged(max(1.0, $sample->spare), self::verdict(max(1.0, $sample->spare)));
        }
        $film = $this->typesetter->films->mended(
            $words,
            $isKnockout ? $this->typesetter->top($words, $sample->capHeight) : Geos::union([$sample->film]),
        );
        $stops = array_filter(
            (new Cutability($limits))->snags($film, $sample->capHeight),
            static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
        );
        if ([] === $stops) {
            return $sample->judged(max(1.0, $sample->spare), self::verdict(max(1.0, $sample->spare)));
        }
        usort($stops, static fn (Snag $a, Snag $b): int => $a->found / $a->limit <=> $b->found / $b->limit);
        $worst = $stops[0];

        return $sample->judged(
            min(self::JUST_UNDER, $worst->found / $worst->limit),
            self::tooSmall($worst->code, Length::micrometres($worst->found)->inMetric()),
        );
    }

    /** Does no letter touch another? */
    private static function standApart(Region $film): bool
    {
        $boxes = array_map(static fn (Region $piece): Box => $piece->box(), $film->pieces());
        foreach ($boxes as $nth => $box) {
            for ($other = 0; $other < $nth; ++$other) {
                if ($box->grown(1)->overlaps($boxes[$other])) {
                    // Fused they are as many, with as many corners, only where none touches another.
                    $fused = Geos::union([$film]);

                    return \count($fused->polygons) === \count($boxes) && $fused->corners() === $film->corners();
                }
            }
        }

        return true;
    }

    /**
     * @param non-empty-list<Face>  $faces
     * @param \Closure(Face): Words $set
     */
    private function shapeAll(array $faces, \Closure $set): void
    {
        try {
            $this->typesetter->shapeInAll(array_map($set, $faces));
        } catch (Refused) {
            // Each is shaped by itself then, and says what is wrong with it.
        }
    }

    /** @param \Closure(Face): Words $set */
    private function sample(Face $face, Surface $surface, Room $room, \Closure $set, Limits $limits): FaceSample
    {
        try {
            $words = $set($face);
            [$capHeight, $film] = $this->sketches->sketch($surface, $room, $words);
        } catch (Refused $refused) {
            return new FaceSample($face, null, null, 0.0, $refused->getMessage());
        }
        [$spare, $code, $found] = $this->measures->worst($words, $capHeight, $limits);
        $box = $film->box();

        return new FaceSample(
            $face,
            $film->moved(-$box->left, -$box->top),
            $capHeight,
            $spare,
            $spare >= 1 ? self::verdict($spare) : self::tooSmall($code, Length::micrometres($found)->inMetric()),
        );
    }

    private static function verdict(float $spare): string
    {
        return $spare >= self::WELL ? 'cuts well' : 'can just be cut';
    }

    private static function tooSmall(SnagCode $code, string $mm): string
    {
        return match ($code) {
            SnagCode::ThinStroke => "strokes of $mm mm, too thin here",
            SnagCode::SmallIsland => "a part of $mm mm would get lost",
            SnagCode::TightGap => "a gap of $mm mm, too tight here",
            default => "an inside of $mm mm cannot be weeded",
        };
    }
}
