<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/** Letters beside each other on a straight baseline, and lines under each other. Source: handbook section 4. */
final readonly class Lines
{
    public function __construct(private Glyphs $glyphs)
    {
    }

    /**
     * One line as it is cut, where its baseline begins the origin.
     *
     * @param int $capHeight the letter height, µm
     */
    public function fused(Words $words, int $nth, int $capHeight): Region
    {
        return self::something(
            Geos::union([$this->loose($words, $nth, $capHeight, $this->cut($capHeight))]),
            $nth,
        );
    }

    /**
     * The letter height of each line as a share of the decal's.
     *
     * @return non-empty-list<float>
     */
    public function shares(Words $words): array
    {
        $setting = $words->setting;
        $nths = array_keys($words->lines);
        if (!$setting->hasStyles()) {
            return array_map(static fn (): float => 1.0, $nths);
        }
        if (!$setting->justify || 1 === \count($words->lines)) {
            return array_map(static fn (int $nth): float => $setting->styles[$nth]->height ?? 1.0, $nths);
        }
        $wide = array_map(
            fn (int $nth): int => $this->loose($words, $nth, Glyphs::SKETCH_HEIGHT, $this->glyphs->sketch(...))
                ->box()
                ->width(),
            $nths,
        );

        return array_map(static fn (int $own): float => min($wide) / max(1, $own), $wide);
    }

    /**
     * Glyphs as they are cut, of whatever face with capitals of that height.
     *
     * @param int $capHeight the letter height, µm
     *
     * @return \Closure(Face, int): Region
     */
    public function cut(int $capHeight): \Closure
    {
        return fn (Face $of, int $glyph): Region => $this->glyphs->outline(
            $of,
            $glyph,
            $capHeight / $this->glyphs->heights($of)['cap'],
        );
    }

    /**
     * One line, its letters side by side; they may overlap.
     *
     * @param int $capHeight the letter height, µm
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     */
    public function loose(Words $words, int $nth, int $capHeight, \Closure $outline): Region
    {
        $face = $words->faceOf($nth);
        $heights = $this->glyphs->heights($face);
        $scale = $capHeight / $heights['cap'];
        $tracking = ($words->setting->tracking / 1000) * $heights['em'];
        $space = $words->setting->wordSpace * $heights['cap'];
        $letters = $space > 0 ? mb_str_split($words->lines[$nth]) : [];
        $regions = [];
        $shift = 0.0;
        foreach ($this->glyphs->line($words, $nth) as $glyph) {
            $regions[] = $outline($glyph->face ?? $face, $glyph->glyph)->moved(
                (int) round(($glyph->x + $shift) * $scale),
                (int) round(-$glyph->y * $scale),
            );
            $shift += $glyph->advance > 0 ? $tracking : 0;
            $shift += self::isSpace($letters[$glyph->cluster] ?? '') ? $space : 0;
        }

        return self::something(self::together($regions), $nth);
    }

    /** Does it part words? */
    public static function isSpace(string $letter): bool
    {
        return 1 === preg_match('~^[\s\x{A0}]$~u', $letter);
    }

    /** @param list<Region> $regions */
    public static function together(array $regions): Region
    {
        return new Region(array_merge(...array_map(static fn (Region $region): array => $region->polygons, $regions)));
    }

    /**
     * Lines with something in them.
     *
     * @throws Refused where there is nothing
     */
    public static function something(Region $line, int $nth): Region
    {
        return $line->isEmpty()
            ? throw new Refused('nothing-to-cut', 'This line has no letter that could be cut.', "/lines/$nth")
            : $line;
    }

    /**
     * From baseline to baseline so that the ink of all lines is clear, µm.
     *
     * @param list<Region> $lines
     */
    public static function pitch(array $lines, Setting $setting, int $capHeight): int
    {
        $pitch = 0;
        for ($nth = 1; $nth < \count($lines); ++$nth) {
            $pitch = max($pitch, self::step($lines, $nth, $setting, $capHeight));
        }

        return $pitch;
    }

    /** @param list<Region> $lines */
    private static function step(array $lines, int $nth, Setting $setting, float $capHeight): int
    {
        return $lines[$nth - 1]->box()->bottom -
            $lines[$nth]->box()->top +
            (int) round($setting->lineSpacing * $capHeight);
    }

    /**
     * Lines one under the other and their ink clear, those of one height with their baselines evenly apart.
     *
     * @param list<Region> $lines
     * @param int $capHeight the letter height, µm
     * @param list<float>  $shares the letter height of each as a share of the decal's
     *
     * @return list<Region>
     */
    public static function stacked(array $lines, Setting $setting, int $capHeight, array $shares): array
    {
        if (1 === \count($lines)) {
            return $lines;
        }
        $even = 1 === \count(array_unique($shares));
        $pitch = null === $setting->pitch
            ? self::pitch($lines, $setting, (int) round($shares[0] * $capHeight))
            : (int) round($setting->pitch * $capHeight);
        $stacked = [];
        $down = 0;
        foreach ($lines as $nth => $line) {
            if ($nth > 0) {
                // Between a high and a low line as much as the lower one asks for.
                $lower = min($shares[$nth - 1], $shares[$nth]) * $capHeight;
                $down += $even ? $pitch : self::step($lines, $nth, $setting, $lower);
            }
            $box = $line->box();
            $stacked[] = $line->moved(
                match ($setting->align) {
                    Align::Left => -$box->left,
                    Align::Centre => -intdiv($box->left + $box->right, 2),
                    Align::Right => -$box->right,
                },
                $down,
            );
        }

        return $stacked;
    }
}
