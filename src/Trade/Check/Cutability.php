<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;

/**
 * Finds what knife and hook cannot manage in one layer of film.
 *
 * Source: handbook section 5.
 */
final readonly class Cutability
{
    /** Thin places: up to so many are measured exactly, of more only the narrowest few. */
    private const MANY = 4;
    private const FEW = 2;
    /** So many are a texture: the narrowest few tell how bad it is. */
    private const A_FIELD = 300;
    /** How often a thinner stroke elsewhere is looked for. */
    private const AGAIN = 2;
    /** Of a limit, both ways: what is larger is a letter and not a dot, and is not dropped. */
    private const DOT = 1.6;
    /** Of a limit: what is so thin on the whole, and no longer than the limit, is a touch or a point. */
    private const SHARP = 0.3;
    /** Of a limit: a stroke so thin may only run out to a point there; and what is shorter is a point. */
    private const POINTED = 0.2;
    private const POINT = 0.5;
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

    /**
     * What is left inside a rim underneath.
     *
     * @return list<Snag>
     */
    public function insides(Region $rim): array
    {
        return array_map(
            static fn (Snag $snag): Snag => new Snag(
                $snag->code,
                Severity::Warn,
                $snag->limit,
                $snag->found,
                $snag->at,
                'An inside of the rim is '.
                    self::mm($snag->found).
                    ' across. Under '.
                    self::mm($snag->limit).
                    ' the hook cannot lift it out: a wider rim closes it.',
                [['do' => Remedy::WidenRim, 'by' => 2 * $snag->limit]],
            ),
            $this->counters($rim, null),
        );
    }

    /** Has it no stroke that is too thin? As `snags()` would say, and quicker: how thin one is is not looked for. */
    public function hasNoThinStroke(Region $layer): bool
    {
        return [] === $this->touching($layer, Opening::tooThin($layer, $this->limits->stroke - self::GRACE))[1];
    }

    /** @return list<Snag> */
    private function strokes(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->stroke;
        $small = array_filter(
            array_map(static fn (Region $piece): Box => $piece->box(), $layer->pieces()),
            fn (Box $box): bool => max($box->width(), $box->height()) < $this->limits->island,
        );
        [$touches, $thin] = $this->touching($layer, Opening::tooThin($layer, $limit - self::GRACE));
        [$parts, $means] = self::narrowestFirst($thin);
        $widths = $this->widths($layer, $parts);
        $worst = min([$limit, ...$widths]);
        $snags = array_map(fn (Region $touch): Snag => $this->touch($layer, $touch), $touches);
        foreach ($parts as $nth => $part) {
            $spot = isset($widths[$nth])
                ? self::spot(Inscribed::in($part, 25))
                : array_map(static fn (float $at): int => (int) round($at), Geos::pointInside($part));
            if ([] !== array_filter($small, static fn (Box $box): bool => $box->holds(new Box(...$spot, ...$spot)))) {
                continue;
            }
            $found = $widths[$nth] ?? max($worst, min($limit - self::GRACE, $means[$nth]));
            $snags[] = new Snag(
                SnagCode::ThinStroke,
                Severity::Stop,
                $limit,
                $found,
                $spot,
                'A stroke is '.
                    self::mm($found).
                    ' wide. Under '.
                    self::mm($limit).
                    ' it tears when it is weeded and does not last.',
                [
                    ...self::enlarge($capHeight, $limit, $worst),
                    ['do' => Remedy::Thicken, 'by' => self::half($limit - $found)],
                    ['do' => Remedy::BolderFace],
                    ['do' => Remedy::AnotherFilm],
                ],
            );
        }

        return $snags;
    }

    /**
     * Places where a letter merely touches itself or runs out to a point, apart from strokes that are thin: no longer
     * than a stroke is wide, sharp, and where the knife parts it nothing comes off.
     *
     * @param list<Region> $parts
     *
     * @return array{list<Region>, list<Region>}
     */
    private function touching(Region $layer, array $parts): array
    {
        $touches = $thin = [];
        foreach ($parts as $part) {
            $box = $part->box();
            $isSharp =
                max($box->width(), $box->height()) < $this->limits->stroke
                && self::meanWidth($part) < self::SHARP * $this->limits->stroke;
            if ($isSharp && $this->keepsTogether($layer, $part)) {
                $touches[] = $part;
            } else {
                $thin[] = $part;
            }
        }

        return [$touches, $thin];
    }

    /** Is it in as many pieces without a part as with it? */
    private function keepsTogether(Region $layer, Region $part): bool
    {
        $box = $part->box()->grown(self::GRACE);
        foreach ($layer->pieces() as $piece) {
            if ($piece->box()->overlaps($box)) {
                $left = Geos::difference($piece, Geos::grow($part, self::GRACE))->pieces();
                $whole = array_filter(
                    $left,
                    fn (Region $rest): bool => $rest->area() > ($this->limits->stroke / 1000) ** 2,
                );
                if (\count($whole) > 1) {
                    return false;
                }
            }
        }

        return true;
    }

    private function touch(Region $layer, Region $part): Snag
    {
        $found = self::meanWidth($part);

        return new Snag(
            SnagCode::ThinStroke,
            Severity::Warn,
            $this->limits->stroke,
            $found,
            array_map(static fn (float $at): int => (int) round($at), Geos::pointInside($part)),
            'A letter only just touches itself, or runs out to a point, '.
                self::mm($found).
                ' wide. The knife may part it there; nothing comes off.',
            [['do' => Remedy::Thicken, 'by' => self::half($this->limits->stroke - $found)]],
        );
    }

    /**
     * How wide strokes are where they are thinnest: all of a few, of many the narrowest ones, and
     * those that an opening by the least width found so far still takes away.
     *
     * @param list<Region> $parts the narrowest first
     *
     * @return array<int, int> µm, by their place among the parts
     */
    private function widths(Region $layer, array $parts): array
    {
        $widths = [];
        $boxes = array_map(static fn (Region $part): Box => $part->box(), $parts);
        foreach (\array_slice($parts, 0, \count($parts) > self::MANY ? self::FEW : self::MANY) as $nth => $part) {
            $widths[$nth] = $this->width($layer, $part);
        }
        for (
            $round = 0;
            \count($parts) > \count($widths) && \count($parts) < self::A_FIELD && $round < self::AGAIN;
            ++$round
        ) {
            $thinner = Opening::tooThin($layer, min([$this->limits->stroke, ...$widths]) - self::GRACE);
            $at = self::unmeasured(\array_slice(self::narrowestFirst($thinner)[0], 0, self::MANY), $boxes, $widths);
            if (null === $at) {
                break;
            }
            $widths[$at] = $this->width($layer, $parts[$at]);
        }

        return $widths;
    }

    /**
     * The first part that one of these lies in and that has no width yet.
     *
     * @param list<Region>    $thinner
     * @param list<Box>       $boxes  of the parts
     * @param array<int, int> $widths
     */
    private static function unmeasured(array $thinner, array $boxes, array $widths): ?int
    {
        foreach ($thinner as $thin) {
            $box = $thin->box();
            foreach ($boxes as $nth => $of) {
                if ($of->overlaps($box)) {
                    if (!isset($widths[$nth])) {
                        return $nth;
                    }
                    break;
                }
            }
        }

        return null;
    }

    /** How wide a stroke is where it is thinnest, µm. */
    private function width(Region $layer, Region $part): int
    {
        $box = $part->box();
        $limit = $this->limits->stroke;
        $near = Geos::clipped($layer, $box->grown(2 * $limit));
        $found = Opening::thinnest($near, $limit, static fn (Region $thin): bool => $thin->box()->overlaps($box));

        return $found >= self::POINTED * $limit
            ? $found
            : Opening::thinnest(
                $near,
                $limit,
                static fn (Region $thin): bool => $thin->box()->overlaps($box)
                    && max($thin->box()->width(), $thin->box()->height()) > self::POINT * $limit,
            );
    }

    /**
     * @param list<Region> $parts
     *
     * @return array{list<Region>, list<int>} the narrowest first, and how wide each is on the whole
     */
    private static function narrowestFirst(array $parts): array
    {
        $means = array_map(self::meanWidth(...), $parts);
        asort($means);

        return [array_map(static fn (int $nth): Region => $parts[$nth], array_keys($means)), array_values($means)];
    }

    /** As if it were a ribbon, µm. */
    private static function meanWidth(Region $part): int
    {
        return (int) ((2000 * $part->area()) / max(0.001, $part->outlineLength()));
    }

    /** What an outline has to grow by on each side, µm, a hair to spare. */
    private static function half(int $missing): int
    {
        return 10 * (int) ceil(($missing / 2 + self::GRACE) / 10);
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
            $snags[] = new Snag(
                SnagCode::SmallIsland,
                Severity::Stop,
                $limit,
                $found,
                self::spot(Inscribed::in($piece)),
                'A part that touches nothing is '.
                    self::mm($found).
                    ' across. Under '.
                    self::mm($limit).
                    ' it gets lost in weeding or falls off.',
                [
                    ...self::enlarge($capHeight, $limit, $found),
                    ['do' => Remedy::Thicken, 'by' => self::half($limit - $found)],
                    ...$this->drop($box),
                    ['do' => Remedy::AnotherFilm],
                ],
            );
        }

        return $snags;
    }

    /** @return list<array{do: Remedy, by: int}> */
    private function drop(Box $box): array
    {
        $long = max($box->width(), $box->height());

        return $long > self::DOT * $this->limits->island ? [] : [['do' => Remedy::Drop, 'by' => $long + self::GRACE]];
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
                    $snags[] = new Snag(
                        SnagCode::SmallCounter,
                        Severity::Stop,
                        $limit,
                        $found,
                        self::spot($circle),
                        'An inside is '.
                            self::mm($found).
                            ' across. Under '.
                            self::mm($limit).
                            ' the hook cannot lift it out.',
                        [
                            ...self::enlarge($capHeight, $limit, $found),
                            ['do' => Remedy::Fill, 'by' => $limit],
                            ['do' => Remedy::BolderFace],
                        ],
                    );
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
                    $snags[] = new Snag(
                        SnagCode::TightGap,
                        Severity::Warn,
                        $limit,
                        $found,
                        self::between($piece, $pieces[$j], $found),
                        'Two parts are '.
                            self::mm($found).
                            ' apart. Under '.
                            self::mm($limit).
                            ' the film between them will not come out clean.',
                        [
                            ...self::enlarge($capHeight, $limit, $found),
                            ['do' => Remedy::Track, 'by' => $limit - $found],
                            ['do' => Remedy::Fuse, 'by' => $limit],
                        ],
                    );
                }
            }
        }

        return $snags;
    }

    /** @return list<array{do: Remedy, capHeight: int}> */
    private static function enlarge(?int $capHeight, int $limit, int $found): array
    {
        return null === $capHeight || $found < 1
            ? []
            : [['do' => Remedy::Enlarge, 'capHeight' => 100 * (int) ceil(($capHeight * $limit) / $found / 100)]];
    }

    /** @return array{int, int} */
    private static function between(Region $one, Region $other, int $found): array
    {
        $meet = Geos::intersection(
            Geos::grow($one, intdiv($found, 2) + 20),
            Geos::grow($other, intdiv($found, 2) + 20),
        );
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
