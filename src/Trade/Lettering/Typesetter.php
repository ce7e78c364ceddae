<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
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

    /** Layers to a decal: more would be a picture. */
    public const MOST_LAYERS = 3;
    /** Of one outline: more corners are thinned, and more sharp ones than this refused. */
    private const MANY_CORNERS = 1000;
    private const MOST_CORNERS = 3000;
    /** The cosine of 45°: a corner that turns by more is sharp. */
    private const SHARP = 0.7071;
    /** µm, and a part of the longer side: what a knife follows of an outline, and what anybody sees. */
    private const FOLLOWED = 10;
    private const SHARE_FOLLOWED = 20_000;

    private readonly Glyphs $glyphs;
    /** @var array<string, Region> for as long as the process lives: quicker made than fetched */
    private array $sketches = [];
    private readonly Arranger $arranger;

    public function __construct(Faces $faces, Shaper $shaper, private readonly Cache $cache)
    {
        $this->glyphs = new Glyphs($faces, $shaper, $cache);
        $this->arranger = new Arranger($this->glyphs);
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
            return $this->followed($words, $words->art->whole()->scaled($capHeight / $words->art->box()->height()));
        }
        $reference = $words->setting->isProportional() ? $reference ?? self::reference($capHeight) : $capHeight;
        $fused = $this->cache->recall(
            "word.{$words->key()}.$reference",
            fn (): Region => $this->arranger->set($words, $reference),
        );

        return $fused->scaled($capHeight / $reference);
    }

    /**
     * A drawing with outlines of very many corners, thinned to what a knife follows at that size; as it is where they
     * are few.
     *
     * @throws Refused where an outline keeps more corners than can be worked with
     */
    private function followed(Words $words, Region $art): Region
    {
        if (self::mostCorners($art) <= self::MANY_CORNERS) {
            return $art;
        }
        $box = $art->box();
        $tolerance = max(
            self::FOLLOWED,
            intdiv(max($box->width(), $box->height()), self::SHARE_FOLLOWED),
            $words->setting->mending->reduce,
        );
        $key = hash('xxh128', serialize([$words->art?->key(), $box, $tolerance]));
        $thinned = $this->cache->recall("followed.$key", static fn (): Region => Geos::followed($art, $tolerance));
        $sharp = max(0, ...array_map(self::sharpCorners(...), $thinned->rings()));

        return $sharp > self::MOST_CORNERS
            ? throw new Refused(
                'too-many-corners',
                'An outline of this drawing turns '.
                    number_format($sharp).
                    ' sharp corners; up to '.
                    number_format(self::MOST_CORNERS).
                    ' can be cut. Leave out corners under Mend, or ask for a simpler drawing.',
                '/art',
            )
            : $thinned;
    }

    /** @param list<array{int, int}> $ring */
    private static function sharpCorners(array $ring): int
    {
        $sharp = 0;
        $before = $ring[\count($ring) - 1];
        foreach ($ring as $nth => [$x, $y]) {
            [$toX, $toY] = $ring[$nth + 1] ?? $ring[0];
            [$ax, $ay, $bx, $by] = [$x - $before[0], $y - $before[1], $toX - $x, $toY - $y];
            // Less than the cosine of it: the way goes on in another direction.
            if ($ax * $bx + $ay * $by < self::SHARP * hypot($ax, $ay) * hypot($bx, $by)) {
                ++$sharp;
            }
            $before = [$x, $y];
        }

        return $sharp;
    }

    private static function mostCorners(Region $region): int
    {
        return max(0, ...array_map(\count(...), $region->rings()));
    }

    /**
     * @param int            $capHeight µm
     * @param int|list<int>|null $offset widths of the layers underneath, µm, each round the top one
     */
    public function artwork(Words $words, int $capHeight, int|array|null $offset = null): Artwork
    {
        return self::layered($this->mended($words, $this->top($words, $capHeight)), $offset);
    }

    /**
     * Art at a size as every film it is cut from: mended, with the rims underneath it.
     *
     * @param Region                      $top    as `top()` gave it, laid as `$laid` lays it
     * @param int|list<int>|null          $offset widths of rims, µm
     * @param \Closure(Region): Region|null $laid what is done to outlines after they have their size: nothing where
     *     left out
     */
    public function layers(
        Words $words,
        Region $top,
        int $capHeight,
        int|array|null $offset,
        ?\Closure $laid = null,
    ): Artwork {
        $colours = $words->art->layers ?? [];
        if (\count($colours) < 2) {
            return self::layered($this->mended($words, $top), $offset);
        }
        $scale = $capHeight / ($words->art?->box()->height() ?? $capHeight);
        $layers = [];
        foreach (array_values($colours) as $nth => $region) {
            $region = $this->followed($words, $region->scaled($scale));
            $layers[] = new Layer(
                0 === $nth ? Layer::TOP : Layer::COLOUR,
                $this->mended($words, null === $laid ? $region : $laid($region)),
            );
        }
        $rims = \array_slice(
            self::layered(Geos::union(array_map(static fn (Layer $layer): Region => $layer->region, $layers)), $offset)
                ->layers,
            1,
        );
        if (\count($layers) + \count($rims) > self::MOST_LAYERS) {
            throw new Refused(
                'too-many-layers',
                'A decal is laid from '.
                    self::MOST_LAYERS.
                    ' films at the most, rims among them. Leave colours out, or put two of them into one film.',
                '/art',
            );
        }

        return Artwork::fromLayers([...$layers, ...self::beside($layers, $rims, $offset)]);
    }

    /**
     * Rims in the frame of the layers they lie under.
     *
     * @param list<Layer>        $layers
     * @param list<Layer>        $rims   in the frame of their own box
     * @param int|list<int>|null $offset
     *
     * @return list<Layer>
     */
    private static function beside(array $layers, array $rims, int|array|null $offset): array
    {
        if ([] === $rims) {
            return [];
        }
        $box = $layers[0]->region->box();
        foreach ($layers as $layer) {
            $box = $box->around($layer->region->box());
        }
        $widest = max([0, ...(array) $offset]);

        return array_map(
            static fn (Layer $rim): Layer => new Layer(
                $rim->role,
                $rim->region->moved($box->left - $widest, $box->top - $widest),
            ),
            $rims,
        );
    }

    /** Outlines as knife and hook can manage them, where the setting says how. */
    public function mended(Words $words, Region $top): Region
    {
        $mending = $words->setting->mending;
        if ($mending->isNothing()) {
            return $top;
        }
        $key = hash('xxh128', serialize([$mending, $top->polygons]));

        $isRing = $words->setting->isRing();

        return $this->cache->recall("mended.$key.$isRing", static fn (): Region => $mending->apply($top, $isRing));
    }

    /** @param int|list<int>|null $offset */
    public static function layered(Region $top, int|array|null $offset): Artwork
    {
        $offsets = array_values(
            array_filter((array) $offset, static fn (?int $width): bool => null !== $width && $width > 0),
        );
        if (\count($offsets) >= self::MOST_LAYERS) {
            throw new Refused('too-many-layers', 'A decal has at most two layers under its letters.', '/offset');
        }
        sort($offsets);
        $layers = [new Layer(Layer::TOP, $top)];
        foreach ($offsets as $nth => $width) {
            $layers[] = new Layer(0 === $nth ? Layer::OFFSET : Layer::BASE, Geos::grow($top, $width));
        }

        return Artwork::fromLayers($layers);
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
