<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Sets words as fused outlines at a letter height.
 *
 * Sizes are drawn from a few reference sizes (each 1.41 of the one below) and scaled down,
 * so that moving a size by a tick fuses nothing anew; curves stay within 0.02 mm. Words on a
 * circle of a given size do not grow with it and are set at every size afresh.
 */
final class Typesetter
{
    /** In half powers of two. */
    private const NEARLY = 0.01;

    /** µm: 0.5 mm and 20 m. */
    public const SMALLEST = 500;
    public const LARGEST = 20_000_000;

    private readonly Glyphs $glyphs;
    /** @var array<string, Region> for as long as the process lives: quicker made than fetched */
    private array $sketches = [];
    private readonly Arranger $arranger;
    private readonly FollowedArt $followed;
    /** Outlines as the films they are cut from. */
    public readonly ArtLayers $films;

    public function __construct(Faces $faces, Shaper $shaper, private readonly Cache $cache)
    {
        $this->glyphs = new Glyphs($faces, $shaper, $cache);
        $this->arranger = new Arranger($this->glyphs);
        $this->followed = new FollowedArt($cache);
        $this->films = new ArtLayers($cache, $this->followed);
    }

    /**
     * The words fused into one region; the origin is at the left end of the first baseline.
     *
     * @param int      $capHeight µm
     * @param int|null $reference the size to draw from and scale, where it is not the usual one
     *
     * @throws Refused for a size no shop cuts, or a character the face lacks
     */
    public function top(Words $words, int $capHeight, ?int $reference = null): Region
    {
        if ($capHeight < self::SMALLEST || $capHeight > self::LARGEST) {
            throw new Refused('absurd-size', 'A letter height goes from 0.5 mm to 20 m.', '/capHeight');
        }
        if (null !== $words->art) {
            return $this->followed->followed(
                $words,
                $words->art->whole()->scaled($capHeight / $words->art->box()->height()),
            );
        }
        $reference = $words->setting->isProportional() ? $reference ?? self::reference($capHeight) : $capHeight;
        $fused = $this->cache->recall(
            "word.{$words->key()}.$reference",
            fn (): Region => $this->arranger->set($words, $reference),
        );

        return $fused->scaled($capHeight / $reference);
    }

    /**
     * @param int            $capHeight µm
     * @param int|list<int>|null $offset widths of the layers underneath, µm, each round the top one
     */
    public function artwork(Words $words, int $capHeight, int|array|null $offset = null): Artwork
    {
        return ArtLayers::layered($this->films->mended($words, $this->top($words, $capHeight)), $offset);
    }

    /** Height of the small x at a letter height, µm. */
    public function xHeight(Face $face, int $capHeight): float
    {
        $heights = $this->glyphs->heights($face);

        return ($capHeight * $heights['x']) / $heights['cap'];
    }

    /**
     * The next reference size at or above a size, µm; a reference size is its own. It may lie
     * under the size by a third of a percent, so that rounding to the grid does not skip one.
     */
    public static function reference(int $capHeight): int
    {
        return (int) round(2 ** (ceil(2 * log($capHeight, 2) - self::NEARLY) / 2));
    }

    /**
     * A reference size near the one at which words fill a room, from their widths alone, so
     * that they are fused once and not at a size that is never used.
     */
    public function guess(Words $words, Box $room): int
    {
        if (null !== $words->art) {
            return max(2 * self::SMALLEST, min($words->art->box()->height(), self::LARGEST));
        }
        $setting = $words->setting;
        $shares = $this->shares($words);
        $across = max([
            0.1,
            ...array_map(static fn (float $long, float $of): float => $long * $of, $this->lengths($words), $shares),
        ]);
        $lines = array_sum($shares);
        [$wide, $high] = match ($setting->isRing() ? Arrangement::Ring : $setting->arrangement) {
            Arrangement::Line, Arrangement::AllRound, Arrangement::Stack => [
                $across,
                $lines * (1 + $setting->lineSpacing),
            ],
            Arrangement::Knockout => [$across + 1, $lines * (1 + $setting->lineSpacing) + 0.7],
            Arrangement::ArcUp, Arrangement::ArcDown => [0.85 * $across, 1 + 0.2 * $across],
            Arrangement::Ring => [2 * $this->bow($words) + 2, 2 * $this->bow($words) + 2],
            Arrangement::Monogram => [2.4, 1.0],
            Arrangement::Initial => [max(1.0, 0.3 * $across), 1.0],
        };
        $framed = Frame::None === $setting->frame ? 0 : 1.2;

        return self::reference(
            (int) max(
                2 * self::SMALLEST,
                min($room->width() / ($wide + $framed), $room->height() / ($high + $framed), self::LARGEST / 2),
            ),
        );
    }

    /**
     * How long each line runs, as a share of the letter height.
     *
     * @return list<float>
     */
    public function lengths(Words $words): array
    {
        return $this->glyphs->lengthsOf($words);
    }

    /**
     * How long a line is that closes on itself, as a share of the letter height, the space where its ends meet
     * included; and how many spaces it has, that one included.
     *
     * @return array{float, int}
     */
    public function closed(Words $words): array
    {
        $letter = (string) grapheme_substr($words->lines[0], 0, 1);
        [$line, $alone, $apart] = $this->glyphs->lengthsOf(
            Words::set(
                $words->face,
                [$words->lines[0], $letter, "$letter $letter"],
                $words->setting->arranged(Arrangement::Stack),
            ),
        );
        $spaces = 1 + array_sum(array_map(Lines::isSpace(...), mb_str_split($words->lines[0])));

        return [$line + $apart - 2 * $alone, $spaces];
    }

    /**
     * The letter height of each line as a share of the decal's.
     *
     * @return non-empty-list<float>
     */
    public function shares(Words $words): array
    {
        return null === $words->art ? $this->arranger->shares($words) : [1.0];
    }

    /**
     * The smallest letters as a share of the letter height: those of the lowest line, the outer ones of a monogram, a
     * name across an initial.
     */
    public function smallest(Words $words): float
    {
        return $words->setting->smallestLetters() * min($this->shares($words));
    }

    /** Words to look at and to measure by their corners, letters not fused, at the height of a sketch. */
    public function sketch(Words $words): Region
    {
        return $this->sketches[$words->key()] ??=
            null === $words->art ? $this->arranger->sketch($words) : $this->top($words, Glyphs::SKETCH_HEIGHT);
    }

    /**
     * The first of some faces that has every letter of some texts; none where none has.
     *
     * @param list<Face>   $faces
     * @param list<string> $texts
     */
    public function firstWith(array $faces, array $texts): ?Face
    {
        foreach ($faces as $face) {
            if ($this->glyphs->hasAll($face, $texts)) {
                return $face;
            }
        }

        return null;
    }

    /** @return list<int> every glyph of a line out of its own face that there is film in, each once */
    public function glyphs(Words $words, int $nth): array
    {
        $glyphs = [];
        foreach (null === $words->art ? $this->glyphs->line($words, $nth) : [] as $glyph) {
            $glyphs[$glyph->glyph] = null === $glyph->face;
        }

        return array_keys(array_filter($glyphs));
    }

    /** One glyph alone at a letter height, µm. */
    public function glyph(Face $face, int $glyph, int $capHeight): Region
    {
        return $this->glyphs->outline($face, $glyph, $capHeight / $this->glyphs->heights($face)['cap']);
    }

    /**
     * Shapes the lines of many at once, so that a long roster starts one shaper and not hundreds.
     *
     * @param list<Words> $many
     */
    public function shapeAll(array $many): void
    {
        $lines = [];
        foreach ($many as $words) {
            if (null !== $words->art) {
                continue;
            }
            $lines[$words->face->slug]['face'] = $words->face;
            $lines[$words->face->slug]['lines'][] = $words->lines;
        }
        foreach ($lines as $of) {
            $this->glyphs->shapeAll($of['face'], $of['lines']);
        }
    }

    /**
     * Shapes the same lines in many faces, all shapers running side by side.
     *
     * @param list<Words> $many
     */
    public function shapeInAll(array $many): void
    {
        $this->glyphs->shapeInAll(
            array_values(array_filter($many, static fn (Words $words): bool => null === $words->art)),
        );
    }

    /** From baseline to baseline of stacked lines, as a share of the letter height. */
    public function pitch(Words $words): float
    {
        return $words->setting->pitch ?? $this->arranger->pitch($words);
    }

    /** The radius that words on a circle take, as a share of their height. */
    public function bow(Words $words): float
    {
        return $words->setting->bow ?? $this->arranger->naturalBow($words);
    }

    /**
     * How far a ring's letters reach beyond the circle the upper line stands on, outwards and
     * inwards, as shares of the letter height.
     *
     * @return array{float, float}
     */
    public function ringReaches(Words $words): array
    {
        $cap = Glyphs::SKETCH_HEIGHT;
        $region = $this->sketch($words);
        $far = max([
            0.0,
            ...array_map(static fn (array $point): float => hypot(...$point), Hull::ofRegion($region)->corners),
        ]);

        return [$far / $cap - $this->bow($words), $this->bow($words) - abs(Inscribed::depth($region, 0, 0)) / $cap];
    }
}
