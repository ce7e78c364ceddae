<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * One small shape over and over, at a pitch: what does not fit whole is left out or cut square, and what lies in
 * it is kept clear. Source: handbook section 4, "Several things on one object".
 */
enum Pattern: string
{
    case Dots = 'dots';
    case Stripes = 'stripes';
    case Lattice = 'lattice';
    case Border = 'border';

    /** So many are told apart from a texture, and weeded by nobody. */
    public const MOST = 3000;
    /** Of its width: what is left of a stripe that is shorter is no stripe. */
    private const WHOLE = 0.5;

    /** What people call it. */
    public function label(): string
    {
        return match ($this) {
            self::Border => 'Border of dots',
            default => ucfirst($this->value),
        };
    }

    /**
     * Film of the pattern, in the frame of the area.
     *
     * @param Region $area  all of it, µm
     * @param Region $clear what it does not come into
     * @param int    $pitch µm from the middle of one to the middle of the next
     * @param int    $size  µm: across a dot, of a stripe its width
     *
     * @throws Refused where nothing fits, or more than anybody could weed
     */
    public function film(Region $area, Region $clear, int $pitch, int $size): Region
    {
        if ($size >= $pitch) {
            throw new Refused('pattern-solid', 'The pitch has to be wider than what is repeated.', '/pitch');
        }
        $film = $area->isEmpty() ? Region::none() : $this->laid($area, $clear, $pitch, $size);

        return $film->isEmpty()
            ? throw new Refused('pattern-empty', 'Nothing of this pattern fits here. Take a finer one.', '/pitch')
            : $film;
    }

    private function laid(Region $area, Region $clear, int $pitch, int $size): Region
    {
        $free = $clear->isEmpty() ? $area : Geos::difference($area, $clear);
        $box = $area->box();
        $across = (int) floor(($box->width() - $size) / (2 * $pitch));
        $down = (int) floor(($box->height() - $size) / (2 * $pitch));
        $many = match ($this) {
            self::Dots => (2 * $across + 1) * (2 * $down + 1),
            self::Stripes => 2 * $down + 1,
            self::Lattice => 2 * $across + 2 * $down + 2,
            self::Border => (int) ($area->outlineLength() / $pitch),
        };
        if ($many > self::MOST) {
            throw new Refused(
                'pattern-too-fine',
                'That are '.number_format($many).' pieces. Up to '.number_format(self::MOST).' can be weeded: widen '
                    .'the pitch.',
                '/pitch',
            );
        }

        return match ($this) {
            self::Dots => self::dots(self::grid($box, $pitch, $across, $down), $free, $size),
            self::Border => self::dots(self::along(Geos::inset($area, intdiv($size, 2)), $pitch), $free, $size),
            self::Stripes => self::cutSquare(self::stripes($box, $pitch, $size, $down), $free, $size),
            self::Lattice => self::cutSquare(
                Geos::union([
                    self::stripes($box, $pitch, $size, $down),
                    self::turned(self::stripes(self::turnedBox($box), $pitch, $size, $across), $box),
                ]),
                $free,
                $size,
            ),
        };
    }

    /** @return list<array{int, int}> about the middle */
    private static function grid(Box $box, int $pitch, int $across, int $down): array
    {
        [$x, $y] = [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)];
        $points = [];
        for ($row = -$down; $row <= $down; ++$row) {
            for ($column = -$across; $column <= $across; ++$column) {
                $points[] = [$x + $column * $pitch, $y + $row * $pitch];
            }
        }

        return $points;
    }

    /**
     * Points on an outline, evenly spaced: the pitch gives way a little so that the last gap is like the others.
     *
     * @return list<array{int, int}>
     */
    private static function along(Region $inner, int $pitch): array
    {
        $points = [];
        foreach ($inner->rings() as $ring) {
            $corners = \count($ring);
            $lengths = [];
            foreach ($ring as $nth => [$x, $y]) {
                [$toX, $toY] = $ring[($nth + 1) % $corners];
                $lengths[] = hypot($toX - $x, $toY - $y);
            }
            $whole = array_sum($lengths);
            $count = (int) round($whole / $pitch);
            $nth = 0;
            $passed = 0.0;
            for ($point = 0; $point < $count; ++$point) {
                $at = ($point * $whole) / $count;
                while ($passed + $lengths[$nth] < $at && $nth < $corners - 1) {
                    $passed += $lengths[$nth++];
                }
                $share = $lengths[$nth] > 0 ? ($at - $passed) / $lengths[$nth] : 0.0;
                [$x, $y] = $ring[$nth];
                [$toX, $toY] = $ring[($nth + 1) % $corners];
                $points[] = [(int) round($x + $share * ($toX - $x)), (int) round($y + $share * ($toY - $y))];
            }
        }

        return $points;
    }

    /**
     * Whole dots only: half a dot is a part that gets lost.
     *
     * @param list<array{int, int}> $points
     */
    private static function dots(array $points, Region $free, int $size): Region
    {
        $dot = ConvexArea::ellipse(0, 0, $size / 2, $size / 2)->region();
        $polygons = [];
        foreach ($points as [$x, $y]) {
            // A hair less: what lies on an outline that was inset by just that much is in.
            if (Inscribed::depth($free, $x, $y) >= $size / 2 - 2) {
                array_push($polygons, ...$dot->moved($x, $y)->polygons);
            }
        }

        return new Region($polygons);
    }

    private static function stripes(Box $box, int $pitch, int $size, int $down): Region
    {
        $y = intdiv($box->top + $box->bottom, 2);
        $polygons = [];
        for ($row = -$down; $row <= $down; ++$row) {
            $top = $y + $row * $pitch - intdiv($size, 2);
            array_push($polygons, ...(new Box($box->left, $top, $box->right, $top + $size))->region()->polygons);
        }

        return new Region($polygons);
    }

    /** The box lying on its side, about the origin's diagonal. */
    private static function turnedBox(Box $box): Box
    {
        return new Box($box->top, $box->left, $box->bottom, $box->right);
    }

    private static function turned(Region $stripes, Box $box): Region
    {
        return new Region(array_map(
            static fn (array $polygon): array => array_map(
                static fn (array $ring): array => array_reverse(
                    array_map(static fn (array $point): array => [$point[1], $point[0]], $ring),
                ),
                $polygon,
            ),
            $stripes->polygons,
        ));
    }

    private static function cutSquare(Region $stripes, Region $free, int $size): Region
    {
        $least = self::WHOLE * ($size / 1000) ** 2;

        return new Region(
            array_merge(
                ...array_map(
                    static fn (Region $piece): array => $piece->area() >= $least ? $piece->polygons : [],
                    Geos::intersection($stripes, $free)->pieces(),
                ),
            ),
        );
    }
}
