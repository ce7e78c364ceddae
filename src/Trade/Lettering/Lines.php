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

    /** One line as it is cut, where its baseline begins the origin. */
    public function fused(Words $words, int $nth, int $capHeight): Region
    {
        return self::something(
            Geos::union([$this->loose($words, $nth, $capHeight, $this->cut($words->face, $capHeight))]),
            $nth,
        );
    }

    /**
     * Glyphs as they are cut.
     *
     * @return \Closure(Face, int): Region
     */
    public function cut(Face $face, int $capHeight): \Closure
    {
        $scale = $capHeight / $this->glyphs->heights($face)['cap'];

        return fn (Face $face, int $glyph): Region => $this->glyphs->outline($face, $glyph, $scale);
    }

    /**
     * One line, its letters side by side; they may overlap.
     *
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     */
    public function loose(Words $words, int $nth, int $capHeight, \Closure $outline): Region
    {
        $heights = $this->glyphs->heights($words->face);
        $scale = $capHeight / $heights['cap'];
        $tracking = ($words->setting->tracking / 1000) * $heights['em'];
        $regions = [];
        $shift = 0.0;
        foreach ($this->glyphs->shaped($words->face, $words->lines)[$nth] as $glyph) {
            $regions[] = $outline($words->face, $glyph->glyph)->moved(
                (int) round(($glyph->x + $shift) * $scale),
                (int) round(-$glyph->y * $scale),
            );
            $shift += $glyph->advance > 0 ? $tracking : 0;
        }

        return self::something(self::together($regions), $nth);
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
            $pitch = max(
                $pitch,
                $lines[$nth - 1]->box()->bottom -
                    $lines[$nth]->box()->top +
                    (int) round($setting->lineSpacing * $capHeight),
            );
        }

        return $pitch;
    }

    /**
     * Lines one under the other, their baselines evenly apart and their ink clear.
     *
     * @param list<Region> $lines
     *
     * @return list<Region>
     */
    public static function stacked(array $lines, Setting $setting, int $capHeight): array
    {
        if (1 === \count($lines)) {
            return $lines;
        }
        $pitch = null === $setting->pitch
            ? self::pitch($lines, $setting, $capHeight)
            : (int) round($setting->pitch * $capHeight);
        $stacked = [];
        foreach ($lines as $nth => $line) {
            $box = $line->box();
            $stacked[] = $line->moved(
                match ($setting->align) {
                    Align::Left => -$box->left,
                    Align::Centre => -intdiv($box->left + $box->right, 2),
                    Align::Right => -$box->right,
                },
                $nth * $pitch,
            );
        }

        return $stacked;
    }
}
