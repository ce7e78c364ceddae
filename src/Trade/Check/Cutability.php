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
    /** Of a limit, both ways: what is larger is a letter and not a dot, and is not dropped. */
    private const DOT = 1.6;

    private ThinStrokes $thin;

    public function __construct(private Limits $limits)
    {
        $this->thin = new ThinStrokes($limits);
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
        return [] === $this->thin->touching(
            $layer,
            Opening::tooThin($layer, $this->limits->stroke - ThinStrokes::GRACE),
        )[1];
    }

    /** @return list<Snag> */
    private function strokes(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->stroke;
        $small = array_filter(
            array_map(static fn (Region $piece): Box => $piece->box(), $layer->pieces()),
            fn (Box $box): bool => max($box->width(), $box->height()) < $this->limits->island,
        );
        [$touches, $thin] = $this->thin->touching($layer, Opening::tooThin($layer, $limit - ThinStrokes::GRACE));
        [$parts, $means] = ThinStrokes::narrowestFirst($thin);
        $widths = $this->thin->widths($layer, $parts);
        $worst = min([$limit, ...$widths]);
        $snags = array_map(fn (Region $touch): Snag => $this->touch($layer, $touch), $touches);
        foreach ($parts as $nth => $part) {
            $spot = isset($widths[$nth])
                ? self::spot(Inscribed::in($part, 25))
                : array_map(static fn (float $at): int => (int) round($at), Geos::pointInside($part));
            if ([] !== array_filter($small, static fn (Box $box): bool => $box->holds(new Box(...$spot, ...$spot)))) {
                continue;
            }
            $found = $widths[$nth] ?? max($worst, min($limit - ThinStrokes::GRACE, $means[$nth]));
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

    private function touch(Region $layer, Region $part): Snag
    {
        $found = ThinStrokes::meanWidth($part);

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

    /** What an outline has to grow by on each side, µm, a hair to spare. */
    private static function half(int $missing): int
    {
        return 10 * (int) ceil(($missing / 2 + ThinStrokes::GRACE) / 10);
    }

    /** @return list<Snag> */
    private function islands(Region $layer, ?int $capHeight): array
    {
        $limit = $this->limits->island;
        $snags = [];
        foreach ($layer->pieces() as $piece) {
            $box = $piece->box();
            $found = min($box->width(), $box->height());
            if ($found >= $limit - ThinStrokes::GRACE) {
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

        return $long > self::DOT * $this->limits->island
            ? []
            : [['do' => Remedy::Drop, 'by' => $long + ThinStrokes::GRACE]];
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
                if ($found < $limit - ThinStrokes::GRACE) {
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
                if ($found < $limit - ThinStrokes::GRACE) {
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
