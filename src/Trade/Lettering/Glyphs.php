<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Winding;
use Yelbo\Trade\Refused;

/** Shaped lines and the outlines of their glyphs, remembered by face, text and scale. */
final class Glyphs
{
    /** µm: finer makes hundreds of near-coincident spikes where scripts overlap. */
    private const FLATNESS = 20;
    /** µm */
    public const SKETCH_HEIGHT = 20_000;
    private const SKETCH_TOLERANCE = 15;

    /** @var array<string, FaceOutlines> */
    private array $outlines = [];
    /** @var array<string, list<list<PlacedGlyph>>> */
    private array $ahead = [];

    public function __construct(
        private readonly Faces $faces,
        private readonly Shaper $shaper,
        private readonly Cache $cache,
    ) {
    }

    /**
     * @param list<string> $lines
     * @param Face|null    $signs where signs are taken from that the face lacks
     *
     * @return list<list<PlacedGlyph>> in font units
     *
     * @throws Refused for a character both faces lack
     */
    public function shaped(Face $face, array $lines, ?Face $signs = null): array
    {
        $shaped = $this->raw($face, $lines);

        return array_map(
            fn (array $line, int $nth): array => $this->completed($face, $signs, $lines[$nth], $line, "/lines/$nth"),
            $shaped,
            array_keys($shaped),
        );
    }

    /**
     * A line with the signs its face lacks from another, as high beside its capitals as they are beside their own.
     *
     * @param list<PlacedGlyph> $line
     *
     * @return list<PlacedGlyph>
     *
     * @throws Refused for a character both faces lack
     */
    private function completed(Face $face, ?Face $signs, string $text, array $line, string $at): array
    {
        $complete = [];
        $shift = 0.0;
        foreach ($line as $glyph) {
            if (0 !== $glyph->glyph) {
                $complete[] = $glyph->shifted($shift);
                continue;
            }
            $sign = mb_substr($text, $glyph->cluster, 1);
            if (null === $signs) {
                throw $this->missing($face, $sign, $at);
            }
            $share = $this->heights($face)['cap'] / $this->heights($signs)['cap'];
            $wide = 0.0;
            foreach ($this->raw($signs, [$sign])[0] as $part) {
                if (0 === $part->glyph) {
                    throw $this->missing($face, $sign, $at);
                }
                $complete[] = $part->scaled($share)->from($signs, $glyph->cluster)->shifted($glyph->x + $shift);
                $wide += $share * $part->advance;
            }
            $shift += $wide - $glyph->advance;
        }

        return $complete;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<list<PlacedGlyph>>
     */
    private function raw(Face $face, array $lines): array
    {
        $key = self::key($face, $lines);

        return $this->ahead[$key] ?? $this->cache->recall($key, fn (): array => $this->shaper->shape($face, $lines));
    }

    /**
     * One line of words in its own face.
     *
     * @return list<PlacedGlyph> in font units
     *
     * @throws Refused for a character the face lacks
     */
    public function line(Words $words, int $nth): array
    {
        $face = $words->faceOf($nth);
        if ($face === $words->face) {
            return $this->shaped($face, $words->lines, $words->setting->signs)[$nth];
        }
        try {
            return $this->shaped($face, [$words->lines[$nth]], $words->setting->signs)[0];
        } catch (Refused $refused) {
            throw new Refused($refused->reason, $refused->getMessage(), "/lines/$nth");
        }
    }

    /**
     * Shapes many at once: one shaper started instead of hundreds.
     *
     * @param list<list<string>> $many the lines of each
     */
    public function shapeAll(Face $face, array $many): void
    {
        if (\count($many) < 3) {
            return;
        }
        $shaped = $this->shaper->shape($face, array_merge(...$many));
        foreach ($many as $lines) {
            $this->ahead[self::key($face, $lines)] = array_splice($shaped, 0, \count($lines));
        }
    }

    /** @param list<Words> $many of different faces */
    public function shapeInAll(array $many): void
    {
        $jobs = array_map(static fn (Words $words): array => [$words->face, $words->lines], $many);
        foreach ($this->shaper->shapeMany($jobs) as $nth => $shaped) {
            $this->ahead[self::key($many[$nth]->face, $many[$nth]->lines)] = $shaped;
        }
    }

    /** @param list<string> $lines */
    private static function key(Face $face, array $lines): string
    {
        return 'shape.'.hash('xxh128', json_encode([$face->slug, $lines], \JSON_THROW_ON_ERROR));
    }

    /** @param float $scale µm to the font unit */
    public function outline(Face $face, int $glyph, float $scale): Region
    {
        return $this->cache->recall(
            "glyph.$face->slug.$glyph.$scale",
            fn (): Region => Winding::region(
                array_map(
                    static fn (array $ring): array => array_map(
                        static fn (array $point): array => [
                            (int) round($point[0] * $scale),
                            (int) round(-$point[1] * $scale),
                        ],
                        $ring,
                    ),
                    $this->outlines($face)->rings($glyph, self::FLATNESS / $scale),
                ),
            ),
        );
    }

    /**
     * A glyph with fewer corners, to be looked at and not to be cut: 20 mm high whatever is asked, so that it is made
     * once.
     */
    public function sketch(Face $face, int $glyph): Region
    {
        return $this->cache->recall(
            "sketch.$face->slug.$glyph",
            fn (): Region => Geos::simplified(
                $this->outline($face, $glyph, self::SKETCH_HEIGHT / $this->heights($face)['cap']),
                self::SKETCH_TOLERANCE,
            ),
        );
    }

    /** @return array{cap: float, x: float, em: int} font units */
    public function heights(Face $face): array
    {
        return $this->cache->recall(
            "heights.$face->slug",
            fn (): array => [
                'cap' => $this->outlines($face)->capHeight(),
                'x' => $this->outlines($face)->xHeight(),
                'em' => $this->outlines($face)->unitsPerEm,
            ],
        );
    }

    /**
     * How long each line runs, as a share of the letter height.
     *
     * @return list<float>
     *
     * @throws Refused for a character that is lacking
     */
    public function lengthsOf(Words $words): array
    {
        $heights = $this->heights($words->face);
        $tracking = $words->setting->tracking;

        return array_map(static function (array $line) use ($heights, $tracking): float {
            $long = 0.0;
            foreach ($line as $glyph) {
                $long += $glyph->advance + ($glyph->advance > 0 ? ($tracking / 1000) * $heights['em'] : 0);
            }

            return $long / $heights['cap'];
        }, $this->shaped($words->face, $words->lines, $words->setting->signs));
    }

    /**
     * Whether a face has every letter of some texts. What only joins letters or chooses their shape is none.
     *
     * @param list<string> $texts
     */
    public function hasAll(Face $face, array $texts): bool
    {
        $letters = array_unique(mb_str_split((string) preg_replace(
            '~[\s\p{Cf}\x{FE00}-\x{FE0F}]+~u',
            '',
            \Normalizer::normalize(mb_scrub(implode('', $texts))) ?: '',
        )));
        sort($letters);

        return $this->cache->recall(
            "has.$face->slug.".implode('', $letters),
            fn (): bool => [] === array_filter(
                $letters,
                fn (string $letter): bool => !$this->outlines($face)->has(mb_ord($letter)),
            ),
        );
    }

    private function missing(Face $face, string $character, string $at): Refused
    {
        $able = [];
        foreach ($this->faces->all() as $other) {
            if ($this->outlines($other)->has(mb_ord($character))) {
                $able[] = $other->name;
            }
        }
        $others =
            [] === $able
                ? 'No face here has it.'
                : (\count($able) > 1 ? 'These have it: ' : 'This one has it: ').implode(', ', $able).'.';

        $way = [] === $able ? '' : ' Set the words in one of them, or take only the signs it lacks from there.';

        return new Refused('missing-character', "{$face->name} has no “{$character}”. $others$way", $at);
    }

    private function outlines(Face $face): FaceOutlines
    {
        return $this->outlines[$face->slug] ??= new FaceOutlines($face);
    }
}
