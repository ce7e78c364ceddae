<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Letters upright on a circle or an oval, outside it or inside; a joined script is bent as a whole. Source: handbook
 * section 4.
 */
final readonly class OnCircle
{
    /** Of a circle: how much of it words may take, all of them and one line alone. */
    private const RING_FILLED = 0.8;
    private const RING_ONE_LINE = 0.6;
    /** Radians: an arc as it is usually drawn. */
    private const ARC = (2 * \M_PI) / 3;
    /**
     * Of the letter height: how far from the baseline letters on a circle keep their usual distance, outside it and
     * inside.
     */
    private const SPACED_OUTSIDE = 0.2;
    private const SPACED_INSIDE = 0.75;
    /** Of the letter height: the tightest circle. */
    private const LEAST_BOW = 1.0;

    public function __construct(private Glyphs $glyphs, private Lines $lines)
    {
    }

    /** The radius of the circle as a share of the letter height, where the words decide it. */
    public function naturalBow(Words $words): float
    {
        $long = $this->glyphs->lengthsOf($words);
        $bow = match ($words->setting->arrangement) {
            Arrangement::ArcDown => $long[0] / self::ARC + ($words->face->isJoined() ? 1 : self::SPACED_INSIDE),
            Arrangement::ArcUp => $long[0] / self::ARC - ($words->face->isJoined() ? 0 : self::SPACED_OUTSIDE),
            default => max(
                array_sum($long) / (2 * \M_PI * self::RING_FILLED),
                max([0.0, ...$long]) / (2 * \M_PI * (\count($long) > 1 ? self::RING_ONE_LINE : self::RING_FILLED)),
            ) - ($words->face->isJoined() ? 0 : self::SPACED_OUTSIDE),
        };

        return max(self::LEAST_BOW, $bow);
    }

    /**
     * @param int $capHeight the letter height, µm
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return list<Region> letter by letter, the circle's middle the origin
     */
    public function letters(Words $words, int $capHeight, \Closure $outline): array
    {
        $oval = $this->oval($words, $capHeight);
        [$regions, $share] = $this->bowed(
            $words,
            0,
            $capHeight,
            $oval,
            Arrangement::ArcDown !== $words->setting->arrangement,
            $outline,
        );
        if (isset($words->lines[1])) {
            [$below, $more] = $this->bowed($words, 1, $capHeight, $oval->grown($capHeight), false, $outline);
            $regions = [...$regions, ...$below];
            $share += $more;
        }
        self::refuseFull($share);

        return $regions;
    }

    /** @param float $share of the way round that is taken */
    private static function refuseFull(float $share): void
    {
        if ($share > 1) {
            throw new Refused(
                'circle-too-small',
                'These words are longer than the circle is round. Take a larger radius or smaller letters.',
                '/radius',
            );
        }
    }

    /**
     * Half the sides of the baseline of the upper line, µm.
     *
     * @return array{float, float}
     */
    public function halves(Words $words, int $capHeight): array
    {
        return $this->oval($words, $capHeight)->halves();
    }

    private function oval(Words $words, int $capHeight): Oval
    {
        $setting = $words->setting;
        $across = $setting->radius ?? $capHeight * ($setting->bow ?? $this->naturalBow($words));

        return new Oval($across, null === $setting->bowDown ? $across : $capHeight * $setting->bowDown);
    }

    /**
     * Letters upright on a circle or an oval about the origin. Outside it they open up at the top and inside
     * it they close up, so they keep their distance above the baseline.
     *
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return array{list<Region>, float} and the share of the way round they take
     */
    private function bowed(
        Words $words,
        int $nth,
        int $capHeight,
        Oval $oval,
        bool $outside,
        \Closure $outline,
    ): array {
        $spaced = self::spaced($words, $capHeight, $oval, $outside);
        if ($words->face->isJoined()) {
            return $this->bentScript($words, $nth, $capHeight, $oval, $outside, $outline);
        }
        $heights = $this->glyphs->heights($words->face);
        $scale = $capHeight / $heights['cap'];
        $tracking = ($words->setting->tracking / 1000) * $heights['em'];
        $shaped = $this->glyphs->shaped($words->face, $words->lines, $words->setting->signs)[$nth];
        $groups = self::groups($shaped, $tracking);
        $end = [] === $groups ? 0.0 : $groups[\count($groups) - 1]['to'] - $tracking;
        $regions = [];
        foreach ($groups as $group) {
            $middle = ($group['from'] + $group['to'] - $tracking) / 2;
            $angle = $spaced->angleAt(($middle - $end / 2) * $scale);
            [$x, $y] = $oval->at($angle);
            $turn = ($outside ? 1 : -1) * rad2deg($oval->slope($angle));
            foreach ($group['glyphs'] as [$glyph, $shift]) {
                $region = $outline($glyph->face ?? $words->face, $glyph->glyph);
                if (!$region->isEmpty()) {
                    $regions[] = $region
                        ->moved(
                            (int) round(($glyph->x + $shift - $middle) * $scale),
                            (int) round(-$glyph->y * $scale),
                        )
                        ->turned($turn)
                        ->moved((int) round($x), (int) round($outside ? $y : -$y));
                }
            }
        }
        if ([] === $regions) {
            Lines::something(Region::none(), $nth);
        }

        return [$regions, ($end * $scale) / $spaced->length()];
    }

    /**
     * A joined script as a whole, bent: letters turned one by one would come apart.
     *
     * @param \Closure(Face, int): Region $outline of a glyph at that height
     *
     * @return array{list<Region>, float}
     */
    private function bentScript(
        Words $words,
        int $nth,
        int $capHeight,
        Oval $oval,
        bool $outside,
        \Closure $outline,
    ): array {
        $line = $this->lines->loose($words, $nth, $capHeight, $outline);
        $box = $line->box();
        $middle = ($box->left + $box->right) / 2;
        $way = $outside ? 1 : -1;

        return [
            [
                Geos::union([$line])->bent(static function (float $x, float $y) use ($middle, $oval, $way): array {
                    [$atX, $atY, $outX, $outY] = $oval->at($oval->angleAt($x - $middle));

                    return [$atX - $way * $y * $outX, $way * ($atY - $way * $y * $outY)];
                }),
            ],
            $box->width() / $oval->length(),
        ];
    }

    /** The oval along which letters keep their usual distances. @throws Refused where there is no room on it */
    private static function spaced(Words $words, int $capHeight, Oval $oval, bool $outside): Oval
    {
        $by = $outside ? self::SPACED_OUTSIDE : -self::SPACED_INSIDE;
        $spaced = $oval->grown($words->face->isJoined() ? 0 : $by * $capHeight);
        if ($spaced->tightest() <= 0 || (!$outside && $oval->tightest() <= $capHeight)) {
            throw new Refused(
                'circle-too-small',
                'Letters this high do not stand inside so small a circle. Take a larger radius or smaller letters.',
                '/radius',
            );
        }

        return $spaced;
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
                $groups[] = [
                    'from' => $last['from'],
                    'to' => $last['to'],
                    'glyphs' => [...$last['glyphs'], [$glyph, $shift]],
                ];
                continue;
            }
            $groups[] = ['from' => $at, 'to' => $at + $wide, 'glyphs' => [[$glyph, $shift]]];
            $at += $wide;
            $shift += $glyph->advance > 0 ? $tracking : 0;
        }

        return $groups;
    }
}
