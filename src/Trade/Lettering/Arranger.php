<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/** Puts shaped letters in their places: lines, stacks, circles, monograms. Source: handbook section 4. */
final readonly class Arranger
{
    /** Of the letter height: the outer letters of a monogram beside a larger middle one, and the space between. */
    public const MONOGRAM_SIDE = 0.68;
    private const MONOGRAM_GAP = 0.14;
    /** Of the big initial's height: the name across it, and the clear band round the name. */
    public const NAME_ACROSS = 0.3;
    private const NAME_BAND = 0.055;
    /** Of a circle: how much of it words may take, all of them and one line alone. */
    private const RING_FILLED = 0.8;
    private const RING_ONE_LINE = 0.6;
    /** Radians: an arc as it is usually drawn. */
    private const ARC = 2 * \M_PI / 3;
    /** Of the letter height: how far from the baseline letters on a circle keep their usual distance, outside it and inside. */
    private const SPACED_OUTSIDE = 0.2;
    private const SPACED_INSIDE = 0.75;
    /** Of the letter height: the tightest circle. */
    private const LEAST_BOW = 1.0;

    public function __construct(private Glyphs $glyphs)
    {
    }

    /** The fused film at a letter height in µm; where a single line's baseline begins is the origin. */
    public function set(Words $words, int $capHeight): Region
    {
        $setting = $words->setting;
        $set = match ($setting->arrangement) {
            Arrangement::Line, Arrangement::Stack => $this->stack($words, $capHeight),
            Arrangement::Knockout => Frames::knockedOut($this->condensed($words, $this->stack($words, $capHeight)), $capHeight, $setting->shape),
            Arrangement::ArcUp, Arrangement::ArcDown, Arrangement::Ring => Geos::union($this->onCircle($words, $capHeight, $this->cut($capHeight / $this->glyphs->heights($words->face)['cap']))),
            Arrangement::Monogram => $this->monogram($words, $capHeight),
            Arrangement::Initial => $this->initial($words, $capHeight),
        };
        $set = Arrangement::Knockout === $setting->arrangement ? $set : $this->condensed($words, $set);

        return Frame::None === $setting->frame ? $set : Geos::union([$set, Frames::around($set, $capHeight, $setting->frame)]);
    }

    /** The radius of the circle as a share of the letter height, where the words decide it. */
    public function naturalBow(Words $words): float
    {
        $long = $this->glyphs->lengths($words->face, $words->lines, $words->setting->tracking);
        $bow = match ($words->setting->arrangement) {
            Arrangement::ArcDown => $long[0] / self::ARC + ($words->face->isJoined() ? 1 : self::SPACED_INSIDE),
            Arrangement::ArcUp => $long[0] / self::ARC - ($words->face->isJoined() ? 0 : self::SPACED_OUTSIDE),
            default => max(array_sum($long) / (2 * \M_PI * self::RING_FILLED), max([0.0, ...$long]) / (2 * \M_PI * (\count($long) > 1 ? self::RING_ONE_LINE : self::RING_FILLED)))
                - ($words->face->isJoined() ? 0 : self::SPACED_OUTSIDE),
        };

        return max(self::LEAST_BOW, $bow);
    }

    private function condensed(Words $words, Region $set): Region
    {
        return 0.0 === $words->setting->condense ? $set : $set->widened(1 - $words->setting->condense / 100);
    }

    /**
     * Words without fusing their letters: quick, for looking at and for measuring them by their
     * corners. At the height of a sketch; letters may overlap. Frames, monograms and the like
     * are made of fused letters and have no sketch of their own.
     */
    public function sketch(Words $words): Region
    {
        $setting = $words->setting;
        $cap = Glyphs::SKETCH_HEIGHT;
        if (Frame::None !== $setting->frame || !$setting->isProportional()) {
            return $this->set($words, $cap);
        }
        $set = match ($setting->arrangement) {
            Arrangement::Line, Arrangement::Stack => self::together(self::stacked(
                array_map(fn (int $nth): Region => self::something($this->loose($words, $nth, $cap, $this->glyphs->sketch(...)), $nth), array_keys($words->lines)), $setting, $cap,
            )),
            Arrangement::ArcUp, Arrangement::ArcDown, Arrangement::Ring => self::together($this->onCircle($words, $cap, $this->glyphs->sketch(...))),
            default => null,
        };

        return null === $set ? $this->set($words, $cap) : $this->condensed($words, $set);
    }

    private function line(Words $words, int $nth, int $capHeight): Region
    {
        $scale = $capHeight / $this->glyphs->heights($words->face)['cap'];

        return self::something(Geos::union([$this->loose($words, $nth, $capHeight, $this->cut($scale))]), $nth);
    }

    /**
     * Glyphs as they are cut.
     *
     * @return \Closure(Face, int): Region
     */
    private function cut(float $scale): \Closure
    {
        return fn (Face $face, int $glyph): Region => $this->glyphs->outline($face, $glyph, $scale);
    }

    /** @param \Closure(Face, int): Region $outline of a glyph at that height */
    private function loose(Words $words, int $nth, int $capHeight, \Closure $outline): Region
    {
        $heights = $this->glyphs->heights($words->face);
        $scale = $capHeight / $heights['cap'];
        $tracking = $words->setting->tracking / 1000 * $heights['em'];
        $regions = [];
        $shift = 0.0;
        foreach ($this->glyphs->shaped($words->face, $words->lines)[$nth] as $glyph) {
            $regions[] = $outline($words->face, $glyph->glyph)->moved((int) round(($glyph->x + $shift) * $scale), (int) round(-$glyph->y * $scale));
            $shift += $glyph->advance > 0 ? $tracking : 0;
        }

        return self::together($regions);
    }

    /** @param list<Region> $regions */
    private static function together(array $regions): Region
    {
        return new Region(array_merge(...array_map(static fn (Region $region): array => $region->polygons, $regions)));
    }

    private static function something(Region $line, int $nth): Region
    {
        return $line->isEmpty() ? throw new Refused('nothing-to-cut', 'This line has no letter that could be cut.', "/lines/$nth") : $line;
    }

    private function stack(Words $words, int $capHeight): Region
    {
        $lines = array_map(fn (int $nth): Region => $this->line($words, $nth, $capHeight), array_keys($words->lines));

        return 1 === \count($lines) ? $lines[0] : Geos::union(self::stacked($lines, $words->setting, $capHeight));
    }

    /**
     * Lines one under the other, their baselines evenly apart and their ink clear.
     *
     * @param list<Region> $lines
     *
     * @return list<Region>
     */
    private static function stacked(array $lines, Setting $setting, int $capHeight): array
    {
        if (1 === \count($lines)) {
            return $lines;
        }
        $pitch = 0;
        for ($nth = 1; $nth < \count($lines); ++$nth) {
            $pitch = max($pitch, $lines[$nth - 1]->box()->bottom - $lines[$nth]->box()->top + (int) round($setting->lineSpacing * $capHeight));
        }
        $stacked = [];
        foreach ($lines as $nth => $line) {
            $box = $line->box();
            $stacked[] = $line->moved(match ($setting->align) {
                Align::Left => -$box->left,
                Align::Centre => -intdiv($box->left + $box->right, 2),
                Align::Right => -$box->right,
            }, $nth * $pitch);
        }

        return $stacked;
    }

    /**
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return list<Region> letter by letter
     */
    private function onCircle(Words $words, int $capHeight, \Closure $outline): array
    {
        $radius = $this->radius($words, $capHeight);
        [$regions, $angle] = $this->bowed($words, 0, $capHeight, $radius, Arrangement::ArcDown !== $words->setting->arrangement, $outline);
        if (isset($words->lines[1])) {
            [$below, $more] = $this->bowed($words, 1, $capHeight, $radius + $capHeight, false, $outline);
            $regions = [...$regions, ...$below];
            $angle += $more;
        }
        self::refuseFull($angle);

        return $regions;
    }

    private static function refuseFull(float $angle): void
    {
        if ($angle > 2 * \M_PI) {
            throw new Refused('circle-too-small', 'These words are longer than the circle is round. Take a larger radius or smaller letters.', '/radius');
        }
    }

    private function radius(Words $words, int $capHeight): float
    {
        return $words->setting->radius ?? $capHeight * ($words->setting->bow ?? $this->naturalBow($words));
    }

    /**
     * Letters upright on a circle about the origin. Outside it they open up at the top and inside
     * it they close up, so they keep their distance above the baseline.
     *
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return array{list<Region>, float} and the angle they take, radians
     */
    private function bowed(Words $words, int $nth, int $capHeight, float $radius, bool $outside, \Closure $outline): array
    {
        $spaced = $radius + ($words->face->isJoined() ? 0 : ($outside ? self::SPACED_OUTSIDE : -self::SPACED_INSIDE) * $capHeight);
        if ($spaced <= 0 || (!$outside && $radius <= $capHeight)) {
            throw new Refused('circle-too-small', 'Letters this high do not stand inside so small a circle. Take a larger radius or smaller letters.', '/radius');
        }
        if ($words->face->isJoined()) {
            return $this->bentScript($words, $nth, $capHeight, $radius, $outside, $outline);
        }
        $heights = $this->glyphs->heights($words->face);
        $scale = $capHeight / $heights['cap'];
        $tracking = $words->setting->tracking / 1000 * $heights['em'];
        $groups = self::groups($this->glyphs->shaped($words->face, $words->lines)[$nth], $tracking);
        $end = [] === $groups ? 0.0 : $groups[\count($groups) - 1]['to'] - $tracking;
        $regions = [];
        foreach ($groups as $group) {
            $middle = ($group['from'] + $group['to'] - $tracking) / 2;
            $angle = ($middle - $end / 2) * $scale / $spaced;
            $letters = [];
            foreach ($group['glyphs'] as [$glyph, $shift]) {
                $region = $outline($words->face, $glyph->glyph);
                if (!$region->isEmpty()) {
                    $letters[] = $region->moved((int) round(($glyph->x + $shift - $middle) * $scale), (int) round(-$glyph->y * $scale));
                }
            }
            foreach ($letters as $letter) {
                $regions[] = $letter->turned(($outside ? 1 : -1) * rad2deg($angle))
                    ->moved((int) round($radius * sin($angle)), (int) round(($outside ? -1 : 1) * $radius * cos($angle)));
            }
        }
        if ([] === $regions) {
            self::something(Region::none(), $nth);
        }

        return [$regions, $end * $scale / $spaced];
    }

    /**
     * A joined script as a whole, bent: letters turned one by one would come apart.
     *
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return array{list<Region>, float}
     */
    private function bentScript(Words $words, int $nth, int $capHeight, float $radius, bool $outside, \Closure $outline): array
    {
        $line = self::something($this->loose($words, $nth, $capHeight, $outline), $nth);
        $box = $line->box();
        $middle = ($box->left + $box->right) / 2;
        $way = $outside ? 1 : -1;

        return [[Geos::union([$line])->bent(static function (float $x, float $y) use ($middle, $radius, $way): array {
            $angle = ($x - $middle) / $radius;
            $out = $radius - $way * $y;

            return [$out * sin($angle), -$way * $out * cos($angle)];
        })], $box->width() / $radius];
    }

    /**
     * A letter with its marks, in font units along the line.
     *
     * @param list<PlacedGlyph> $line
     *
     * @return list<array{from: float, to: float, glyphs: list<array{PlacedGlyph, float}>}>
     */
    private static function groups(array $line, float $tracking): array
    {
        /** @var list<array{from: float, to: float, glyphs: list<array{PlacedGlyph, float}>}> $groups */
        $groups = [];
        $at = $shift = 0.0;
        foreach ($line as $glyph) {
            $wide = $glyph->advance > 0 ? $glyph->advance + $tracking : 0.0;
            $last = 0.0 === $wide ? array_pop($groups) : null;
            if (null !== $last) {
                $groups[] = ['from' => $last['from'], 'to' => $last['to'], 'glyphs' => [...$last['glyphs'], [$glyph, $shift]]];
                continue;
            }
            $groups[] = ['from' => $at, 'to' => $at + $wide, 'glyphs' => [[$glyph, $shift]]];
            $at += $wide;
            $shift += $glyph->advance > 0 ? $tracking : 0;
        }

        return $groups;
    }

    private function monogram(Words $words, int $capHeight): Region
    {
        /** @var array{int, int, int} $stand which of the lines stands where */
        $stand = $words->setting->order->put([0, 1, 2]);
        $side = MonogramOrder::Equal === $words->setting->order ? $capHeight : (int) round(self::MONOGRAM_SIDE * $capHeight);
        $gap = (int) round((self::MONOGRAM_GAP + $words->setting->tracking / 1000) * $capHeight);
        $left = 0;
        $letters = [];
        foreach ($stand as $place => $nth) {
            $height = 1 === $place ? $capHeight : $side;
            $letter = $this->line($words, $nth, $height);
            $box = $letter->box();
            $letters[] = $letter->moved($left - $box->left, -intdiv($capHeight - $height, 2));
            $left += $box->width() + $gap;
        }

        return Geos::union($letters);
    }

    private function initial(Words $words, int $capHeight): Region
    {
        $big = $this->line($words, 0, $capHeight);
        $name = $this->line($words, 1, (int) round(self::NAME_ACROSS * $capHeight));
        $bigBox = $big->box();
        $nameBox = $name->box();
        $name = $name->moved(
            intdiv($bigBox->left + $bigBox->right - $nameBox->left - $nameBox->right, 2),
            intdiv($bigBox->top + $bigBox->bottom, 2) + intdiv((int) round(self::NAME_ACROSS * $capHeight), 2),
        );
        $band = (int) round(self::NAME_BAND * $capHeight);
        $rest = array_filter(
            Geos::difference($big, Geos::grow($name, $band))->pieces(),
            static fn (Region $piece): bool => max($piece->box()->width(), $piece->box()->height()) >= 2 * $band,
        );

        return Geos::union([$name, ...$rest]);
    }
}
