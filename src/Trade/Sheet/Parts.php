<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * One decal cut as several pieces: because it is larger than the machine, or because there is much empty film
 * between its words. Each part stays in the decal's own frame, so that the parts put together are the decal.
 * Source: handbook section 7.
 */
final class Parts
{
    /** µm: empty film as wide as that between two parts is worth a cut of its own. */
    private const APART = 20_000;
    /** Of the decal's box: splitting it has to save at least so much film. */
    private const WORTH = 0.15;
    /** µm: panels of a decal too long with no gap to part at lie over each other by so much. */
    public const OVERLAP = 10_000;
    /** µm: from the art to the middle of a register mark, and the mark's own radius. */
    private const MARK_AWAY = 6_000;
    private const MARK = 3_000;
    private const MARK_LINE = 800;

    private function __construct()
    {
    }

    /**
     * The parts that straight strips of empty film leave; the decal whole where they save too little. Round and
     * interlocked designs have no such strip.
     *
     * @param int $gap what each part keeps around it, µm
     *
     * @return list<Region>
     */
    public static function apart(Region $region, int $gap): array
    {
        $parts = self::groups($region->pieces(), true);

        return \count($parts) > 1 && self::saved($region, $parts, $gap) >= self::WORTH * self::film($region, $gap) ? $parts : [$region];
    }

    /**
     * How much less film the parts take by their boxes, mm².
     *
     * @param list<Region> $parts
     * @param int          $gap   µm
     */
    public static function saved(Region $region, array $parts, int $gap): float
    {
        return self::film($region, $gap) - array_sum(array_map(static fn (Region $part): float => self::film($part, $gap), $parts));
    }

    /**
     * Panels of at most a size, parted in gaps between letters where there are any, else lying over each other; each
     * with register marks at its joints.
     *
     * @param int $width  µm
     * @param int $length µm
     *
     * @return list<Region> the decal whole where it fits, either way round
     */
    public static function panels(Region $region, int $width, int $length): array
    {
        $box = $region->box();
        [$long, $short] = [max($width, $length), min($width, $length)];
        if (max($box->width(), $box->height()) <= $long && min($box->width(), $box->height()) <= $short) {
            return [$region];
        }
        $beside = 2 * (self::MARK_AWAY + self::MARK);
        if ($box->width() < $box->height()) {
            return array_map(static fn (Region $panel): Region => $panel->turned(-90), self::panels($region->turned(90), $width, $length));
        }
        // Panels lie with the decal's height across the film where that fits, so that they can be as long as the machine.
        $most = $box->height() + $beside <= $short ? $long : $short;
        $panels = [];
        foreach (self::stretches($region, $most - 2 * self::MARK) as [$from, $to, $joints]) {
            $panel = Geos::clipped($region, new Box($from, $box->top, $to, $box->bottom));
            if (!$panel->isEmpty()) {
                $rows = $box->height() + $beside <= $long ? [$panel] : array_map(static fn (Region $row): Region => $row->turned(-90), self::panels($panel->turned(90), $width, $length));
                foreach ($rows as $row) {
                    $panels[] = Geos::union([$row, ...self::marks($joints, $box)]);
                }
            }
        }

        return $panels;
    }

    /**
     * @return list<array{int, int, list<int>}> from, to, and where its joints are
     */
    private static function stretches(Region $region, int $most): array
    {
        $box = $region->box();
        $free = self::strips(array_map(static fn (Region $piece): array => [$piece->box()->left, $piece->box()->right], $region->pieces()), 2 * self::MARK_LINE);
        $stretches = [];
        $joints = [];
        for ($from = $box->left; $box->right - $from > $most;) {
            $at = null;
            foreach ($free as [$left, $right]) {
                $middle = intdiv($left + $right, 2);
                if ($middle > $from && $middle <= $from + $most) {
                    $at = $middle;
                }
            }
            $to = $at ?? $from + $most;
            $joint = null === $at ? $to - intdiv(self::OVERLAP, 2) : $at;
            $stretches[] = [$from, $to, [...$joints, $joint]];
            $joints = [$joint];
            $from = null === $at ? $to - self::OVERLAP : $at;
        }
        $stretches[] = [$from, $box->right, $joints];

        return $stretches;
    }

    /**
     * A circle and a cross above and below each joint, in every panel at the same spot.
     *
     * @param list<int> $joints µm from the left
     *
     * @return list<Region>
     */
    private static function marks(array $joints, Box $art): array
    {
        $marks = [];
        foreach ($joints as $x) {
            foreach ([$art->top - self::MARK_AWAY, $art->bottom + self::MARK_AWAY] as $y) {
                $ring = [];
                for ($step = 0; $step < 32; ++$step) {
                    $ring[] = [(int) round($x + self::MARK * cos($step * \M_PI / 16)), (int) round($y + self::MARK * sin($step * \M_PI / 16))];
                }
                $disc = new Region([[$ring]]);
                $half = intdiv(self::MARK_LINE, 2);
                $cross = Geos::union([
                    (new Box($x - self::MARK, $y - $half, $x + self::MARK, $y + $half))->region(),
                    (new Box($x - $half, $y - self::MARK, $x + $half, $y + self::MARK))->region(),
                ]);
                $marks[] = Geos::union([Geos::difference($disc, Geos::grow($disc, -self::MARK_LINE)), Geos::intersection($cross, $disc)]);
            }
        }

        return $marks;
    }

    /**
     * @param list<Region> $pieces
     *
     * @return list<Region>
     */
    private static function groups(array $pieces, bool $across, bool $tried = false): array
    {
        $spans = array_map(static fn (Region $piece): array => $across ? [$piece->box()->left, $piece->box()->right] : [$piece->box()->top, $piece->box()->bottom], $pieces);
        $strips = self::strips($spans, self::APART);
        if ([] === $strips) {
            return $tried ? [Geos::union($pieces)] : self::groups($pieces, !$across, true);
        }
        $groups = [];
        foreach ($pieces as $nth => $piece) {
            $before = \count(array_filter($strips, static fn (array $strip): bool => $strip[1] <= $spans[$nth][0]));
            $groups[$before][] = $piece;
        }
        ksort($groups);

        return array_merge(...array_map(static fn (array $group): array => self::groups($group, !$across), array_values($groups)));
    }

    /**
     * Where no piece is, from one end to the other.
     *
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int}>
     */
    private static function strips(array $spans, int $least): array
    {
        sort($spans);
        $strips = [];
        $end = $spans[0][1] ?? 0;
        foreach ($spans as [$from, $to]) {
            if ($from - $end >= $least) {
                $strips[] = [$end, $from];
            }
            $end = max($end, $to);
        }

        return $strips;
    }

    /** By its box and what it keeps around it, mm². */
    private static function film(Region $region, int $gap): float
    {
        $box = $region->box();

        return ($box->width() + $gap) * ($box->height() + $gap) / 1e6;
    }
}
