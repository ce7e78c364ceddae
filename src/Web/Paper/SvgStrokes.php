<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Yelbo\Trade\Geometry\Box;

/** Drawings of the core as SVG in mm, by what their lines mean. */
final class SvgStrokes
{
    public const ART = 'art';
    /** What lies under the art. */
    public const UNDER = ['object', 'tape'];
    private const INK = '#12201f';
    /** Colour, fill, width in mm on paper, dashes in mm on paper. */
    private const DRAWN = [
        'object' => [self::INK, 'none', 0.4, ''],
        'art' => [self::INK, '#d9dedc', 0.2, ''],
        'tape' => ['#4d5e5c', '#eef1f0', 0.2, ''],
        'line' => [self::INK, 'none', 0.2, '6 1.5 1.5 1.5'],
        'figure' => [self::INK, 'none', 0.25, ''],
        'way' => [self::INK, 'none', 0.7, ''],
        'cut' => ['#a92f08', 'none', 0.4, '2 1.5'],
        'cross' => [self::INK, 'none', 0.15, ''],
    ];

    private function __construct()
    {
    }

    /**
     * @param Box                                       $frame what is shown, µm
     * @param list<array{role: string, path: string}>   $marks from bottom to top
     * @param float                                     $scale so many mm of the drawing are one on paper
     */
    public static function svg(Box $frame, array $marks, float $scale = 1.0): string
    {
        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="%3$.3F %4$.3F '
                .'%5$.3F %6$.3F">%7$s</svg>',
            $frame->width() / 1000 / $scale,
            $frame->height() / 1000 / $scale,
            $frame->left / 1000,
            $frame->top / 1000,
            $frame->width() / 1000,
            $frame->height() / 1000,
            implode(
                '',
                array_map(static fn (array $mark): string => self::path($mark['role'], $mark['path'], $scale), $marks),
            ),
        );
    }

    private static function path(string $role, string $path, float $scale): string
    {
        [$ink, $fill, $wide, $dash] = self::DRAWN[$role] ?? self::DRAWN['line'];
        $dashes = array_map(
            static fn (string $part): string => \sprintf('%.3F', (float) $part * $scale),
            '' === $dash ? [] : explode(' ', $dash),
        );

        return \sprintf(
            '<path d="%s" fill="%s" fill-rule="evenodd" stroke="%s" stroke-width="%.3F"%s/>',
            $path,
            $fill,
            $ink,
            $wide * $scale,
            [] === $dashes ? '' : ' stroke-dasharray="'.implode(' ', $dashes).'"',
        );
    }
}
