<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use FontLib\Font;
use FontLib\Glyph\Outline;
use FontLib\Glyph\OutlineComposite;
use FontLib\Glyph\OutlineSimple;
use Yelbo\Trade\Geometry\Curve;

/**
 * The glyph outlines of one TrueType face, in font units, y up.
 *
 * @phpstan-type Contour list<array{x: float, y: float, on: bool}>
 */
final class FaceOutlines
{
    /** A scale in a composite glyph is a fixed-point figure with 14 binary places. */
    private const F2DOT14 = 16384;
    private const DEEPEST = 8;
    /** Signed figures are read as unsigned ones. */
    private const INT16 = 32767;

    /** @var array<int, Outline> */
    private array $glyphs;
    /** @var array<int, int> glyph by code point */
    private array $characters;
    /** @var array<int, list<Contour>> */
    private array $read = [];
    /** @var array<int, array{int, int}> advance and left side bearing by glyph */
    private array $metrics;
    public readonly int $unitsPerEm;

    public function __construct(Face $face)
    {
        $font = Font::load($face->path) ?? throw new \RuntimeException("{$face->file} is not a TrueType file.");
        $font->parse();
        $this->unitsPerEm = (int) $font->getData('head', 'unitsPerEm');
        $this->characters = $font->getUnicodeCharMap();
        $this->glyphs = $font->getData('glyf');
        $this->metrics = $font->getData('hmtx');
    }

    /**
     * Whether the face has a character.
     *
     * @param int $codePoint of Unicode
     */
    public function has(int $codePoint): bool
    {
        return isset($this->characters[$codePoint]);
    }

    /** Height of the capital H above the baseline, font units. */
    public function capHeight(): float
    {
        return $this->heightOf('H');
    }

    /** Height of the small x above the baseline, font units. */
    public function xHeight(): float
    {
        return $this->heightOf('x');
    }

    /**
     * @param int $glyph its number in the face
     * @param float $tolerance in font units
     *
     * @return list<list<array{float, float}>> closed rings, y up
     */
    public function rings(int $glyph, float $tolerance): array
    {
        $shift = $this->shift($glyph);

        return array_values(
            array_filter(
                array_map(
                    static fn (array $contour): array => array_map(
                        static fn (array $point): array => [$point[0] + $shift, $point[1]],
                        self::flat($contour, $tolerance),
                    ),
                    $this->contours($glyph),
                ),
            ),
        );
    }

    /** A glyph begins at its side bearing, wherever its outline was drawn. */
    private function shift(int $glyph): int
    {
        $bearing = $this->metrics[$glyph][1] ?? null;
        $outline = $this->glyphs[$glyph] ?? null;
        $outline?->parseData();
        if (null === $bearing || null === $outline || null === $outline->xMin) {
            return 0;
        }

        return ($bearing > self::INT16 ? $bearing - 2 * self::INT16 - 2 : $bearing) - $outline->xMin;
    }

    private function heightOf(string $letter): float
    {
        $most = 0.0;
        foreach ($this->rings($this->characters[mb_ord($letter)] ?? 0, 1.0) as $ring) {
            $most = max($most, ...array_column($ring, 1));
        }
        if ($most <= 0) {
            throw new \RuntimeException("The face has no {$letter} to measure its height by.");
        }

        return $most;
    }

    /** @return list<Contour> */
    private function contours(int $glyph, int $depth = 0): array
    {
        if (isset($this->read[$glyph])) {
            return $this->read[$glyph];
        }
        $outline = $this->glyphs[$glyph] ?? null;
        if (null === $outline || $depth > self::DEEPEST) {
            return [];
        }
        $outline->parseData();

        return $this->read[$glyph] = match (true) {
            $outline instanceof OutlineComposite => $this->composed($outline, $depth),
            $outline instanceof OutlineSimple => self::simple($outline),
            default => [],
        };
    }

    /** @return list<Contour> */
    private static function simple(OutlineSimple $outline): array
    {
        $contours = [];
        $contour = [];
        foreach ($outline->points ?? [] as $point) {
            $contour[] = ['x' => (float) $point['x'], 'y' => (float) $point['y'], 'on' => (bool) $point['onCurve']];
            if ($point['endOfContour']) {
                $contours[] = $contour;
                $contour = [];
            }
        }

        return $contours;
    }

    /** @return list<Contour> */
    private function composed(OutlineComposite $outline, int $depth): array
    {
        $contours = [];
        foreach ($outline->components as $part) {
            $factor = static fn (int|float $value): float => \is_int($value) ? $value / self::F2DOT14 : $value;
            [$a, $b, $c, $d] = array_map($factor, [$part->a, $part->b, $part->c, $part->d]);
            foreach ($this->contours($part->glyphIndex, $depth + 1) as $contour) {
                $contours[] = array_map(
                    static fn (array $point): array => [
                        'x' => $a * $point['x'] + $c * $point['y'] + $part->e,
                        'y' => $b * $point['x'] + $d * $point['y'] + $part->f,
                        'on' => $point['on'],
                    ],
                    $contour,
                );
            }
        }

        return $contours;
    }

    /**
     * TrueType's rule: between two points off the curve lies one on it, half way.
     *
     * @param Contour $contour
     *
     * @return list<array{float, float}>
     */
    private static function flat(array $contour, float $tolerance): array
    {
        $count = \count($contour);
        if ($count < 2) {
            return [];
        }
        $first = $contour[0]['on']
            ? [$contour[0]['x'], $contour[0]['y']]
            : ($contour[$count - 1]['on']
                ? [$contour[$count - 1]['x'], $contour[$count - 1]['y']]
                : self::half($contour[0], $contour[$count - 1]));
        $ring = [$first];
        $at = $first;
        $control = null;
        for ($i = $contour[0]['on'] ? 1 : 0; $i <= $count; ++$i) {
            $point = $i < $count ? $contour[$i] : ['x' => $first[0], 'y' => $first[1], 'on' => true];
            if (!$point['on'] && null === $control) {
                $control = $point;
                continue;
            }
            $to = $point['on'] ? [$point['x'], $point['y']] : self::half($control ?? $point, $point);
            $way = null === $control ? [$to] : Curve::quadratic($at, [$control['x'], $control['y']], $to, $tolerance);
            foreach ($way as $next) {
                $ring[] = $next;
            }
            $at = $to;
            $control = $point['on'] ? null : $point;
        }
        array_pop($ring);

        return $ring;
    }

    /**
     * @param array{x: float, y: float, on: bool} $a
     * @param array{x: float, y: float, on: bool} $b
     *
     * @return array{float, float}
     */
    private static function half(array $a, array $b): array
    {
        return [($a['x'] + $b['x']) / 2, ($a['y'] + $b['y']) / 2];
    }
}
