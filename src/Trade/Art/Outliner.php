<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Geometry\Crossings;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Geometry\UnreadablePath;
use Yelbo\Trade\Geometry\Winding;
use Yelbo\Trade\Refused;

/**
 * Shapes of a drawing as outlines in µm: what is filled, and what a pen of some width leaves.
 *
 * @phpstan-import-type Style from Styles
 * @phpstan-type Line array{list<array{float, float}>, bool}
 */
final class Outliner
{
    /** µm: how far a straight piece may stand off its curve. */
    private const FLATNESS = 8.0;
    private const MOST_POINTS = 150_000;
    /** µm: from here on a gap in an outline is one. */
    private const OPEN = 5.0;
    /** Of a shape's corners: beyond that nobody asks whether it crosses itself; it is put right all the same. */
    private const LOOKED_AT = 3000;
    /** How far a mitred corner may reach, in widths of the line. */
    private const SHARPEST = 100.0;
    private const FARTHEST = 100_000_000.0;

    private int $points = 0;

    public function __construct(private readonly Notes $notes)
    {
    }

    /**
     * A shape's lines in the file's own units, curves flattened.
     *
     * @return list<Line>|null nothing where it is no shape
     *
     * @throws Refused
     */
    public function lines(\DOMElement $element, Matrix $matrix): ?array
    {
        $path = Shapes::path($element);
        if (null === $path || '' === trim($path)) {
            return null === $path ? null : [];
        }
        try {
            $lines = SvgPath::lines($path, self::FLATNESS / max(1e-9, $matrix->most()));
        } catch (UnreadablePath $unreadable) {
            if ($unreadable->absurd) {
                throw new Refused($unreadable->reason, $unreadable->getMessage(), '/art');
            }
            $this->notes->leftOut('broken path', $unreadable->getMessage(), $element->getAttribute('id'));

            return [];
        }
        foreach ($lines as [$points]) {
            $this->points += \count($points);
        }
        if ($this->points > self::MOST_POINTS) {
            throw new Refused(
                'too-many-points',
                'This drawing has more than 150 000 points. Simplify it before bringing it.',
                '/art',
            );
        }

        return array_map(fn (array $line): array => [$this->mapped($line[0], $matrix), $line[1]], $lines);
    }

    /** What a clipping shape leaves. */
    public function filled(\DOMElement $element, Matrix $matrix, bool $evenOdd): ?Region
    {
        $lines = $this->lines($element, $matrix);

        return null === $lines || [] === $lines ? null : Winding::region(self::rings($lines), $evenOdd);
    }

    /**
     * @param list<Line> $lines   in µm
     * @param bool       $stroked has it a pen too? Then an open line is meant as one
     */
    public function fill(array $lines, bool $evenOdd, bool $stroked): Region
    {
        $rings = self::rings($lines);
        if ([] === $rings) {
            return Region::none();
        }
        foreach ($lines as [$points, $closed]) {
            $last = $points[\count($points) - 1];
            if (
                !$closed
                && !$stroked
                && \count($points) > 2
                && hypot($points[0][0] - $last[0], $points[0][1] - $last[1]) > self::OPEN
            ) {
                $this->notes->putRight('open outline', 'closed by a straight line, as it is filled');
            }
        }
        $rings = $this->once($rings);
        self::refuseTangles($rings);
        $this->lookForCrossings($rings);

        return Winding::region($rings, $evenOdd);
    }

    /**
     * @param list<Line> $lines in µm
     * @param Style      $style
     */
    public function stroke(array $lines, Matrix $matrix, array $style): Region
    {
        $width = Figure::read($style['stroke-width'] ?? '1');
        $size = $matrix->size();
        if ($width <= 0 || $size <= 0) {
            return Region::none();
        }
        if (!($width * $size <= self::FARTHEST)) {
            throw new Refused('absurd-size', 'This drawing has a line wider than 100 m.', '/art');
        }
        self::refuseTangles(array_column($lines, 0), false);
        if (!\in_array($style['stroke-dasharray'] ?? 'none', ['none', ''], true)) {
            $this->notes->putRight('dashed line', 'cut as one line');
        }
        $cap = \in_array($style['stroke-linecap'] ?? '', ['round', 'square'], true) ? $style['stroke-linecap'] : 'butt';
        $join = \in_array($style['stroke-linejoin'] ?? '', ['round', 'bevel'], true)
            ? $style['stroke-linejoin']
            : 'miter';
        $limit = max(1.0, min(self::SHARPEST, Figure::read($style['stroke-miterlimit'] ?? '4')));
        $this->notes->putRight('line with a width', 'turned into its outline');
        // A pen that is stretched with its line is drawn unstretched first.
        $even = abs($matrix->a - $matrix->d) < 1e-9 * $size && abs($matrix->b + $matrix->c) < 1e-9 * $size;
        if ($even || self::isTurned($matrix)) {
            return Geos::stroked($lines, $width * $size, $cap, $join, $limit);
        }
        $back = self::inverse($matrix);
        $plain = array_map(
            static fn (array $line): array => [
                array_map(
                    static fn (array $point): array => [$size * $back->on($point)[0], $size * $back->on($point)[1]],
                    $line[0],
                ),
                $line[1],
            ],
            $lines,
        );

        return self::put(
            Geos::stroked($plain, $width * $size, $cap, $join, $limit),
            $matrix->times(new Matrix(1 / $size, 0, 0, 1 / $size)),
        );
    }

    /**
     * @param list<list<array{int|float, int|float}>> $lines
     *
     * @throws Refused where they cross too often
     */
    private static function refuseTangles(array $lines, bool $close = true): void
    {
        try {
            Crossings::refuseTangles($lines, $close);
        } catch (UnreadablePath $tangle) {
            throw new Refused($tangle->reason, $tangle->getMessage(), '/art');
        }
    }

    /** Does it turn, mirror and scale only, so that a pen stays round? */
    private static function isTurned(Matrix $matrix): bool
    {
        return abs($matrix->a * $matrix->c + $matrix->b * $matrix->d) < 1e-9 * $matrix->size() ** 2
            && abs(hypot($matrix->a, $matrix->b) - hypot($matrix->c, $matrix->d)) < 1e-9 * $matrix->size();
    }

    private static function inverse(Matrix $m): Matrix
    {
        $det = $m->a * $m->d - $m->b * $m->c;

        return new Matrix(
            $m->d / $det,
            -$m->b / $det,
            -$m->c / $det,
            $m->a / $det,
            ($m->c * $m->f - $m->d * $m->e) / $det,
            ($m->b * $m->e - $m->a * $m->f) / $det,
        );
    }

    private static function put(Region $region, Matrix $matrix): Region
    {
        $mirrors = $matrix->a * $matrix->d - $matrix->b * $matrix->c < 0;
        $ring = static function (array $ring) use ($matrix, $mirrors): array {
            $mapped = array_map(
                static fn (array $point): array => self::whole($matrix->on([(float) $point[0], (float) $point[1]])),
                $ring,
            );

            return array_values($mirrors ? array_reverse($mapped) : $mapped);
        };

        return Geos::tidy(
            new Region(array_map(static fn (array $polygon): array => array_map($ring, $polygon), $region->polygons)),
        );
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function mapped(array $points, Matrix $matrix): array
    {
        return array_map(static function (array $point) use ($matrix): array {
            $on = $matrix->on($point);

            return abs($on[0]) <= self::FARTHEST && abs($on[1]) <= self::FARTHEST
                ? $on
                : throw new Refused('absurd-size', 'This drawing reaches farther than 100 m.', '/art');
        }, $points);
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<list<array{int, int}>>
     */
    private static function rings(array $lines): array
    {
        return array_values(
            array_map(
                static fn (array $line): array => array_map(self::whole(...), $line[0]),
                array_filter($lines, static fn (array $line): bool => \count($line[0]) > 2),
            ),
        );
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{int, int}
     */
    private static function whole(array $point): array
    {
        return [(int) round($point[0]), (int) round($point[1])];
    }

    /**
     * Without outlines that stand there twice.
     *
     * @param list<list<array{int, int}>> $rings
     *
     * @return list<list<array{int, int}>>
     */
    private function once(array $rings): array
    {
        $known = [];
        foreach ($rings as $ring) {
            $sorted = $ring;
            sort($sorted);
            $key = hash('xxh128', serialize($sorted));
            if (isset($known[$key])) {
                $this->notes->putRight('doubled outline', 'cut once');
            }
            $known[$key] ??= $ring;
        }

        return array_values($known);
    }

    /** @param list<list<array{int, int}>> $rings */
    private function lookForCrossings(array $rings): void
    {
        foreach ($rings as $ring) {
            if (\count($ring) <= self::LOOKED_AT) {
                $alone = new Region([[$ring]]);
                if (Geos::tidy($alone) !== $alone) {
                    $this->notes->putRight('outline that crosses itself', 'parted where it crosses');
                }
            }
        }
    }
}
