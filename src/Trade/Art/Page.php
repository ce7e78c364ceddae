<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/** How large a drawing's page is, and how its view boxes lie in it. */
final class Page
{
    /** mm: a CSS pixel, for files that do not say how large they are. */
    private const PIXEL = 25.4 / 96;
    private const UNITS = ['mm' => 1.0, 'cm' => 10.0, 'q' => 0.25, 'in' => 25.4, 'pt' => 25.4 / 72, 'pc' => 25.4 / 6];

    private function __construct()
    {
    }

    /**
     * From the file's own units to µm, and whether it says what those are.
     *
     * @return array{Matrix, bool}
     */
    public static function fromRoot(\DOMElement $root): array
    {
        [$width, $said] = self::measure($root->getAttribute('width'));
        [$height] = self::measure($root->getAttribute('height'));
        $box = self::viewBox($root);
        if (null === $box) {
            return [new Matrix(1000 * self::PIXEL, 0, 0, 1000 * self::PIXEL), $said];
        }
        $across = $width ?? (null !== $height ? ($height * $box[2]) / $box[3] : $box[2] * self::PIXEL);
        $down = $height ?? ($across * $box[3]) / $box[2];

        return [self::fitted($box, 1000 * $across, 1000 * $down, $root->getAttribute('preserveAspectRatio')), $said];
    }

    /**
     * A view box laid into so much width and height, in whatever unit those are.
     *
     * @param array{float, float, float, float} $box left, top, width, height
     * @param float $width µm
     * @param float $height µm
     */
    public static function fitted(array $box, float $width, float $height, string $aspect): Matrix
    {
        [$x, $y] = [$width / $box[2], $height / $box[3]];
        if (!str_starts_with(trim($aspect), 'none')) {
            $x = $y = str_contains($aspect, 'slice') ? max($x, $y) : min($x, $y);
        }

        return new Matrix($x, 0, 0, $y, -$x * $box[0], -$y * $box[1]);
    }

    /**
     * A length of the page.
     *
     * @return array{float|null, bool} mm, nothing where none is given; and whether it is a true length
     */
    private static function measure(string $typed): array
    {
        if (!preg_match('~^\s*([\d.]+(?:e[+-]?\d+)?)\s*([a-z%]*)\s*$~i', $typed, $found) || (float) $found[1] <= 0) {
            return [null, false];
        }
        $unit = strtolower($found[2]);
        if (isset(self::UNITS[$unit])) {
            return [Figure::read($found[1]) * self::UNITS[$unit], true];
        }

        return '%' === $unit ? [null, false] : [Figure::read($found[1]) * self::PIXEL, false];
    }

    /** @return array{float, float, float, float}|null left, top, width, height */
    public static function viewBox(\DOMElement $element): ?array
    {
        $n = array_map(
            Figure::read(...),
            preg_split('~[\s,]+~', trim($element->getAttribute('viewBox')), -1, \PREG_SPLIT_NO_EMPTY) ?: [],
        );

        return 4 === \count($n) && $n[2] > 0 && $n[3] > 0 ? [$n[0], $n[1], $n[2], $n[3]] : null;
    }
}
