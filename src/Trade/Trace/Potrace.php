<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Program;

/** Outlines by the potrace command: smooth curves, corners kept. */
final readonly class Potrace implements Vectoriser
{
    private const COMMAND = 'potrace';
    /** Its units to a pixel; a unit is read as a millimetre. */
    private const UNITS = 10;
    /** Of a pixel: how far joined curves may lie off the ones they stand for. */
    private const TOLERANCE = '0.2';

    /**
     * @param int $width pixels
     * @param int $height pixels
     * @param int $specks what is smaller is left out, square pixels
     * @param float $smooth from 0 for corners to 1.3 for curves
     */
    public function outlines(int $width, int $height, string $dark, int $specks, float $smooth): Region
    {
        $svg = self::run(self::bitmap($width, $height, $dark), $specks, $smooth);
        $paths = preg_match_all('~<path[^>]*\sd="([^"]+)"~', $svg, $found) > 0 ? implode(' ', $found[1]) : '';
        $region = '' === $paths ? Region::none() : SvgPath::read($paths);

        // Its y goes up, ours down.
        return $region->bent(
            static fn (float $x, float $y): array => [$x / self::UNITS, 1000.0 * $height - $y / self::UNITS],
        );
    }

    /** As a portable bitmap: eight pixels a byte, each row begun anew. */
    private static function bitmap(int $width, int $height, string $dark): string
    {
        $rows = '';
        $padded = 8 * (int) ceil($width / 8);
        for ($y = 0; $y < $height; ++$y) {
            $row = str_pad(strtr(substr($dark, $y * $width, $width), "\0\1", '01'), $padded, '0');
            foreach (str_split($row, 8) as $bits) {
                $rows .= \chr((int) bindec($bits));
            }
        }

        return "P4\n$width $height\n$rows";
    }

    private static function run(string $bitmap, int $specks, float $smooth): string
    {
        return Program::begin(
            [
                self::COMMAND,
                '--backend=svg',
                '--flat',
                '--unit='.self::UNITS,
                "--turdsize=$specks",
                '--alphamax='.number_format($smooth, 2, '.', ''),
                '--opttolerance='.self::TOLERANCE,
                '--output=-',
                '-',
            ],
            $bitmap,
        )->answer();
    }
}
