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
    /** Of the decal's box: splitting it has to save at least so much film. */
    private const WORTH = 0.15;
    /** µm: panels of a decal too long with no gap to part at lie over each other by so much. */
    public const OVERLAP = 10_000;
    /** Of a letter: so much of it in one part is all of it. */
    private const WHOLE = 0.999;
    /** µm: in less room panels would be all joint. */
    private const LEAST = 5 * self::OVERLAP;
    /**
     * Pieces on so many of eight sides, none nearer to the middle than this share of the farthest, stand in a round.
     */
    private const SIDES = 5;
    private const HOLLOW = 0.75;

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
        $pieces = $region->pieces();
        if (self::isRound($pieces, $region->box())) {
            return [$region];
        }
        $parts = EmptyStrips::groups($pieces, true);

        return \count($parts) > 1 && self::saved($region, $parts, $gap) >= self::WORTH * self::film($region, $gap)
            ? $parts
            : [$region];
    }

    /**
     * Do pieces stand round an empty middle? Then their places to each other are the design.
     *
     * @param list<Region> $pieces
     */
    private static function isRound(array $pieces, Box $box): bool
    {
        [$x, $y] = [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
        $far = [];
        $sides = [];
        foreach ($pieces as $piece) {
            $of = $piece->box();
            [$dx, $dy] = [($of->left + $of->right) / 2 - $x, ($of->top + $of->bottom) / 2 - $y];
            $far[] = hypot($dx, $dy);
            $sides[(int) floor(4 * (atan2($dy, $dx) / \M_PI + 1)) % 8] = true;
        }

        return [] !== $far && \count($sides) >= self::SIDES && min($far) >= self::HOLLOW * max($far);
    }

    /**
     * How much less film the parts take by their boxes, mm².
     *
     * @param list<Region> $parts
     * @param int          $gap   µm
     */
    public static function saved(Region $region, array $parts, int $gap): float
    {
        return self::film($region, $gap) -
            array_sum(array_map(static fn (Region $part): float => self::film($part, $gap), $parts));
    }

    /**
     * Panels of at most a size, parted in gaps between letters where there are any, else lying over each other; each
     * with register marks at its joints.
     *
     * @param int $width  µm
     * @param int $length µm
     *
     * @return list<Region> the decal whole where it fits, either way round, and where the room is too small for any
     *     panel
     */
    public static function panels(Region $region, int $width, int $length): array
    {
        $box = $region->box();
        [$long, $short] = [max($width, $length), min($width, $length)];
        if (max($box->width(), $box->height()) <= $long && min($box->width(), $box->height()) <= $short) {
            return [$region];
        }
        if ($short < self::LEAST) {
            return [$region];
        }
        $ways = array_map(static fn (array $room): array => self::cells($region, ...self::grid($region, ...$room)), [
            [$long, $short],
            [$short, $long],
        ]);

        return self::best($region, $ways, 0);
    }

    /**
     * The parts of a decal larger than the machine: at wide strips of empty film and then in panels, or panels alone;
     * what cuts fewer letters, then what takes less film.
     *
     * @param int $width  µm
     * @param int $length µm
     * @param int $gap    what each part keeps around it, µm
     *
     * @return list<Region>
     */
    public static function forMachine(Region $region, int $width, int $length, int $gap): array
    {
        $panels = self::panels($region, $width, $length);
        $pieces = $region->pieces();
        if (1 === \count($panels) || self::isRound($pieces, $region->box())) {
            return $panels;
        }
        $apart = array_merge(
            ...array_map(
                static fn (Region $part): array => self::panels($part, $width, $length),
                EmptyStrips::groups($pieces, true),
            ),
        );

        return self::best($region, [$panels, $apart], $gap);
    }

    /**
     * Of ways to part a decal the one that cuts fewest letters, takes least film, has fewest parts.
     *
     * @param non-empty-list<list<Region>> $ways
     * @param int                          $gap  µm
     *
     * @return list<Region>
     */
    private static function best(Region $region, array $ways, int $gap): array
    {
        $worth = array_map(
            static fn (array $parts): array => [
                self::cut($region, $parts),
                array_sum(array_map(static fn (Region $part): float => self::film($part, $gap), $parts)),
                \count($parts),
            ],
            $ways,
        );

        return $ways[(int) array_search(min($worth), $worth, true)];
    }

    /**
     * How many letters no part holds whole.
     *
     * @param list<Region> $parts
     */
    private static function cut(Region $region, array $parts): int
    {
        $cut = 0;
        foreach ($region->pieces() as $piece) {
            foreach ($parts as $part) {
                if (Geos::intersection($part, $piece)->area() >= self::WHOLE * $piece->area()) {
                    continue 2;
                }
            }
            ++$cut;
        }

        return $cut;
    }

    /**
     * @param list<array{int, int, list<int>}> $columns
     * @param list<array{int, int, list<int>}> $rows
     *
     * @return list<Region>
     */
    private static function cells(Region $region, array $columns, array $rows): array
    {
        $panels = [];
        foreach ($rows as [$top, $bottom, $across]) {
            foreach ($columns as [$left, $right, $down]) {
                $cell = new Box($left, $top, $right, $bottom);
                $panel = Geos::clipped($region, $cell);
                if (!$panel->isEmpty()) {
                    $panels[] = Geos::union([$panel, ...RegisterMarks::marks($down, $across, $cell)]);
                }
            }
        }

        return $panels;
    }

    /**
     * Columns and rows of panels that each fit a room, marks and all.
     *
     * @return array{list<array{int, int, list<int>}>, list<array{int, int, list<int>}>}
     */
    private static function grid(Region $region, int $width, int $height): array
    {
        $box = $region->box();
        $beside = 2 * (RegisterMark::AWAY + RegisterMark::RADIUS);
        $columns = $box->width() > $width;
        $rows = $box->height() > ($columns ? $height - $beside : $height);
        $columns = $box->width() > ($rows ? $width - $beside : $width);

        return [
            $columns
                ? self::stretches($region, $width - ($rows ? $beside : 2 * RegisterMark::RADIUS), true)
                : [[$box->left, $box->right, []]],
            $rows
                ? self::stretches($region, $height - ($columns ? $beside : 2 * RegisterMark::RADIUS), false)
                : [[$box->top, $box->bottom, []]],
        ];
    }

    /**
     * @return list<array{int, int, list<int>}> from, to, and where its joints are
     */
    private static function stretches(Region $region, int $most, bool $across): array
    {
        $box = $region->box();
        [$begin, $end] = $across ? [$box->left, $box->right] : [$box->top, $box->bottom];
        $free = EmptyStrips::strips(
            array_map(
                static fn (Region $piece): array => $across
                    ? [$piece->box()->left, $piece->box()->right]
                    : [$piece->box()->top, $piece->box()->bottom],
                $region->pieces(),
            ),
            2 * RegisterMark::LINE,
        );
        $stretches = [];
        $joints = [];
        for ($from = $begin; $end - $from > $most;) {
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
        $stretches[] = [$from, $end, $joints];

        return $stretches;
    }

    /** By its box and what it keeps around it, mm². */
    private static function film(Region $region, int $gap): float
    {
        $box = $region->box();

        return (($box->width() + $gap) * ($box->height() + $gap)) / 1e6;
    }
}
