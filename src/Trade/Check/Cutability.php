<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;

/**
 * Finds what knife and hook cannot manage in one layer of film.
 *
 * Strokes by an opening test: shrink by half the limit, grow back, and what did not come
 * back was too thin. It leaves the tips of every corner too, so a part counts only where it
 * is longer than half again the limit, or bridges two parts that stayed.
 * Source: handbook section 5.
 */
final readonly class Cutability
{
    private const TIP = 1.5;
    /** Of the limit: what an opening leaves in any square corner. */
    private const SPECK = 0.35;
    /** µm: lets a part and what it grew from touch in spite of rounding. */
    private const TOUCH = 15;
    /** µm: how finely the opening test tells a stroke at the limit from one under it. */
    private const GRACE = 10;

    public function __construct(private Limits $limits)
    {
    }

    /**
     * @param int|null $capHeight the letter height in µm, to say how much larger would do
     *
     * @return list<Snag>
     */
    public function snags(Region $layer, ?int $capHeight = null): array
    {
        return [
            ...$this->islands($layer, $capHeight),
            ...$this->strokes($layer, $capHeight),
            ...$this->counters($layer, $capHeight),
            ...$this->gaps($layer, $capHeight),
        ];
    }

    /** @return list<Snag> */
    private function strokes(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->stroke;
        $half = intdiv($limit - self::GRACE, 2);
        $opened = Geos::grow(Geos::grow($layer, -$half), $half + 2);
        $snags = [];
        foreach (Geos::difference($layer, $opened)->pieces() as $part) {
            $box = $part->box();
            $long = hypot($box->width(), $box->height());
            $short = $long < $limit * self::TIP;
            if ($long < $limit * self::SPECK || ($short && !self::bridges($part, $opened))) {
                continue;
            }
            $circle = Inscribed::in($part, 25);
            $found = $short ? $this->neck($layer, $part) : (int) round(2 * Inscribed::depth($layer, $circle->x, $circle->y));
            if ($found < self::TOUCH || $found >= $limit - self::GRACE || $this->isSmall($layer, $circle)) {
                continue;
            }
            $snags[] = new Snag('thin-stroke', Snag::STOP, $limit, $found, self::spot($circle),
                'A stroke is '.self::mm($found).' wide. Under '.self::mm($limit).' it tears when it is weeded and does not last.',
                [...self::enlarge($capHeight, $limit, $found), ['do' => 'thicken', 'by' => (int) ceil(($limit - $found) / 2)], ['do' => 'bolder-face']]);
        }

        return $snags;
    }

    /** @return list<Snag> */
    private function islands(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->island;
        $snags = [];
        foreach ($layer->pieces() as $piece) {
            $box = $piece->box();
            $found = min($box->width(), $box->height());
            if ($found >= $limit - self::GRACE) {
                continue;
            }
            $snags[] = new Snag('small-island', Snag::STOP, $limit, $found, self::spot(Inscribed::in($piece)),
                'A part that touches nothing is '.self::mm($found).' across. Under '.self::mm($limit).' it gets lost in weeding or falls off.',
                [...self::enlarge($capHeight, $limit, $found), ['do' => 'thicken', 'by' => (int) ceil(($limit - $found) / 2)], ['do' => 'drop']]);
        }

        return $snags;
    }

    /** @return list<Snag> */
    private function counters(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->counter;
        $snags = [];
        foreach ($layer->polygons as $polygon) {
            foreach (\array_slice($polygon, 1) as $hole) {
                $counter = new Region([[array_reverse($hole)]]);
                $box = $counter->box();
                if (min($box->width(), $box->height()) > 3 * $limit) {
                    continue;
                }
                $circle = Inscribed::in($counter, 10);
                $found = (int) round(2 * $circle->radius);
                if ($found < $limit - self::GRACE) {
                    $snags[] = new Snag('small-counter', Snag::STOP, $limit, $found, self::spot($circle),
                        'The inside of a letter is '.self::mm($found).' across. Under '.self::mm($limit).' the hook cannot lift it out.',
                        [...self::enlarge($capHeight, $limit, $found), ['do' => 'fill']]);
                }
            }
        }

        return $snags;
    }

    /** @return list<Snag> */
    private function gaps(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->gap;
        $pieces = $layer->pieces();
        $boxes = array_map(static fn (Region $piece) => $piece->box(), $pieces);
        $snags = [];
        foreach ($pieces as $i => $piece) {
            for ($j = $i + 1; $j < \count($pieces); ++$j) {
                if (!$boxes[$i]->grown($limit)->overlaps($boxes[$j])) {
                    continue;
                }
                $found = (int) round(Geos::distance($piece, $pieces[$j]));
                if ($found < $limit - self::GRACE) {
                    $snags[] = new Snag('tight-gap', Snag::WARN, $limit, $found, self::between($piece, $pieces[$j], $found),
                        'Two parts are '.self::mm($found).' apart. Under '.self::mm($limit).' the film between them will not come out clean.',
                        [...self::enlarge($capHeight, $limit, $found), ['do' => 'track'], ['do' => 'fuse']]);
                }
            }
        }

        return $snags;
    }

    /** How wide a short neck is: the widest opening that still leaves it whole, µm. */
    private function neck(Region $layer, Region $part): int
    {
        $near = Geos::clipped($layer, $part->box()->grown(2 * $this->limits->stroke));
        $whole = 0;
        $broken = $this->limits->stroke;
        while ($broken - $whole > 2 * self::GRACE) {
            $width = intdiv($whole + $broken, 2);
            $opened = Geos::grow(Geos::grow($near, -intdiv($width, 2)), intdiv($width, 2) + 2);
            $lost = Geos::clipped(Geos::difference($near, $opened), $part->box());
            $breaks = array_filter($lost->pieces(), static fn (Region $rest): bool => self::bridges($rest, $opened));
            [$whole, $broken] = [] === $breaks ? [$width, $broken] : [$whole, $width];
        }

        return $whole;
    }

    /** Does the thin part join two that stayed? */
    private static function bridges(Region $part, Region $opened): bool
    {
        $near = Geos::clipped($opened, $part->box()->grown(2 * self::TOUCH));

        return \count(Geos::intersection(Geos::grow($part, self::TOUCH), $near)->polygons) > 1;
    }

    /** Is the thin place in a part already reported as too small to keep? */
    private function isSmall(Region $layer, Inscribed $circle): bool
    {
        foreach ($layer->pieces() as $piece) {
            $box = $piece->box();
            if ($circle->x >= $box->left && $circle->x <= $box->right && $circle->y >= $box->top && $circle->y <= $box->bottom
                && max($box->width(), $box->height()) < $this->limits->island) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{do: string, capHeight: int}> */
    private static function enlarge(?int $capHeight, int $limit, int $found): array
    {
        return null === $capHeight || $found < 1 ? [] : [['do' => 'enlarge', 'capHeight' => 100 * (int) ceil($capHeight * $limit / $found / 100)]];
    }

    /** @return array{int, int} */
    private static function between(Region $one, Region $other, int $found): array
    {
        $meet = Geos::intersection(Geos::grow($one, intdiv($found, 2) + 20), Geos::grow($other, intdiv($found, 2) + 20));
        $box = $meet->isEmpty() ? $one->box() : $meet->box();

        return [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)];
    }

    /** @return array{int, int} */
    private static function spot(Inscribed $circle): array
    {
        return [(int) round($circle->x), (int) round($circle->y)];
    }

    private static function mm(int $micrometres): string
    {
        return round($micrometres / 1000, 2).' mm';
    }
}
