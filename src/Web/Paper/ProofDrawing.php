<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Yelbo\Shop\Orders\FrozenFacts;
use Yelbo\Shop\Orders\ProofPage;

/** A proof's drawings as SVG in mm: outline to be cut solid, guide dashed, centre lines chained. */
final class ProofDrawing
{
    private const INK = '#12201f';

    private function __construct()
    {
    }

    /**
     * The decal on its object.
     *
     * @param array<string, string> $paths    path data by the hash of each outline
     * @param array<int, string>    $pictures what is printed, JPEG by the number of its drawing
     * @param string                $photo    of the object laid flat, JPEG; empty where there is none
     */
    public static function onObject(
        ProofPage $proof,
        FrozenFacts $said,
        array $paths,
        array $pictures = [],
        string $photo = '',
    ): string {
        $on = $said->on;
        [$width, $height] = [$on->width / 1000, $on->height / 1000];
        $thin = max($width, $height) / 900;
        $middle = \sprintf('M%.3F 0V%.3FM0 %.3FH%.3F', $width / 2, $height, $height / 2, $width);
        $filled = '' === $on->colour || '' !== $photo
            ? ''
            : \sprintf('<path d="%s" fill="%s" fill-rule="evenodd"/>', $on->outline, $on->colour);

        return self::wrapped(
            $width,
            $height,
            $filled.
                self::ground($photo, $on->outline, $width, $height).
                self::line($on->outline, '', 1.6 * $thin, $thin).
                self::line($on->safe, '5 4', $thin, $thin).
                self::line($on->keepOuts, '2 2', $thin, $thin).
                self::line($middle, '14 4 3 4', 0.8 * $thin, $thin).
                \sprintf(
                    '<g transform="translate(%.3F %.3F)">%s</g>',
                    $proof->drawing()->left()->micrometres / 1000,
                    $proof->drawing()->top()->micrometres / 1000,
                    self::layers($proof, 0, $thin, $paths, $pictures),
                ),
        );
    }

    /**
     * @param string $dash in units of `thin`, as SVG has it; empty for a whole line
     * @param float  $wide mm
     * @param float  $thin mm
     */
    private static function line(string $path, string $dash, float $wide, float $thin): string
    {
        $parts = array_map(
            static fn (string $part): string => \sprintf('%.3F', (float) $part * $thin),
            '' === $dash ? [] : explode(' ', $dash),
        );
        $dashed = [] === $parts ? '' : ' stroke-dasharray="'.implode(' ', $parts).'"';

        return '' === $path
            ? ''
            : \sprintf(
                '<path d="%s" fill="none" stroke="%s" stroke-width="%.3F"%s/>',
                $path,
                self::INK,
                $wide,
                $dashed,
            );
    }

    /**
     * One decal of a set.
     *
     * @param array<string, string> $paths
     * @param array<int, string>    $pictures
     */
    public static function alone(ProofPage $proof, int $member, array $paths, array $pictures = []): string
    {
        $size = $proof->drawing()->size($member);
        [$width, $height] = [$size->width->micrometres / 1000, $size->height->micrometres / 1000];

        $thin = max($width, $height) / 900;

        return self::wrapped($width, $height, self::layers($proof, $member, $thin, $paths, $pictures));
    }

    /**
     * One decal true to size, a group for each film, to be taken elsewhere and brought back.
     *
     * @param array<string, string> $paths
     */
    public static function decal(ProofPage $proof, int $member, array $paths): string
    {
        $size = $proof->drawing()->size($member);
        $films = $proof->frozen()->films;
        $groups = '';
        foreach (array_reverse($proof->drawing()->layers($member), true) as $nth => $layer) {
            $groups .= \sprintf(
                "<g id=\"%s\" fill=\"%s\"><path fill-rule=\"evenodd\" d=\"%s\"/></g>\n",
                $layer['role'],
                $films[$nth]['swatch'] ?? self::INK,
                $paths[$layer['outline']],
            );
        }

        return \sprintf(
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1\$smm\" "
                ."height=\"%2\$smm\" viewBox=\"0 0 %1\$s %2\$s\">\n%3\$s</svg>\n",
            $size->width->micrometres / 1000,
            $size->height->micrometres / 1000,
            $groups,
        );
    }

    /** The photo, and paper over all of it that is not the object. */
    private static function ground(string $photo, string $outline, float $width, float $height): string
    {
        return '' === $photo
            ? ''
            : \sprintf(
                '<image x="0" y="0" width="%1$.3F" height="%2$.3F" xlink:href="data:image/jpeg;base64,%3$s"/><path '
                    .'d="M0 0H%1$.3FV%2$.3FH0Z %4$s" fill="#ffffff" fill-rule="evenodd"/>',
                $width,
                $height,
                base64_encode($photo),
                $outline,
            );
    }

    /**
     * @param array{int, int, int, int, int}|null $at       its number, left, top, right and bottom, µm
     * @param array<int, string>                  $pictures JPEG by their numbers
     */
    private static function picture(?array $at, array $pictures): string
    {
        return null === $at || !isset($pictures[$at[0]])
            ? ''
            : \sprintf(
                '<image x="%.3F" y="%.3F" width="%.3F" height="%.3F" xlink:href="data:image/jpeg;base64,%s"/>',
                $at[1] / 1000,
                $at[2] / 1000,
                ($at[3] - $at[1]) / 1000,
                ($at[4] - $at[2]) / 1000,
                base64_encode($pictures[$at[0]]),
            );
    }

    /**
     * @param array<string, string> $paths
     * @param array<int, string>    $pictures
     */
    private static function layers(ProofPage $proof, int $member, float $thin, array $paths, array $pictures): string
    {
        $films = $proof->frozen()->films;
        $drawn = '';
        foreach (array_reverse($proof->drawing()->layers($member), true) as $nth => $layer) {
            $drawn .= self::picture($layer['picture'] ?? null, $pictures).\sprintf(
                '<path d="%s" fill="%s" fill-rule="evenodd" stroke="%s" stroke-width="%.3F"/>',
                $paths[$layer['outline']],
                isset($layer['picture']) ? 'none' : $films[$nth]['swatch'] ?? self::INK,
                self::INK,
                0.4 * $thin,
            );
        }

        return $drawn;
    }

    private static function wrapped(float $width, float $height, string $inside): string
    {
        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%1$.3Fmm" '
                .'height="%2$.3Fmm" viewBox="0 0 %1$.3F %2$.3F">%3$s</svg>',
            $width,
            $height,
            $inside,
        );
    }
}
