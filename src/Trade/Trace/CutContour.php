<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Where a printed picture is cut: round what is on it, at a stated distance. Insides are not cut. Source: handbook
 * section 6, "printable".
 */
final readonly class CutContour
{
    /** Pixels: what is no larger is a speck of the ground. */
    private const SPECKS = 40;
    private const SMOOTH = 1.0;
    /** µm: what a knife follows. */
    private const FOLLOWED = 10;

    public function __construct(private Vectoriser $vectoriser)
    {
    }

    /**
     * @param string $mask  "\1" for each pixel of what is on it, "\0" for the ground, row after row
     * @param float  $pixel µm a pixel is wide
     * @param int    $away  µm from what is on it to the cut
     *
     * @return array{Region, Region} the cut, and what is on the picture, both without insides, in the picture's frame,
     *     µm
     *
     * @throws Refused where there is nothing on it
     */
    public function around(int $width, int $height, string $mask, float $pixel, int $away): array
    {
        $outlines = $this->vectoriser->outlines($width, $height, $mask, self::SPECKS, self::SMOOTH);
        $share = $pixel / 1000;
        $subject = self::filled(
            $outlines->bent(static fn (float $x, float $y): array => [$share * $x, $share * $y]),
        );
        if ($subject->isEmpty()) {
            throw new Refused('nothing-to-cut', 'There is nothing on this picture but its ground.', '/art');
        }

        $subject = Geos::followed($subject, self::FOLLOWED);

        return [
            0 === $away
                ? $subject
                : Geos::followed(self::filled(Geos::grow($subject, $away)), min(self::FOLLOWED, $away)),
            $subject,
        ];
    }

    private static function filled(Region $region): Region
    {
        return $region->isEmpty()
            ? $region
            : Geos::union(
                array_map(static fn (array $polygon): Region => new Region([[$polygon[0]]]), $region->polygons),
            );
    }
}
