<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Refused;

/**
 * Plain shapes of film beside words: a disc, a ring, a rule. Source: handbook section 4, "Several things on one
 * object".
 */
enum ElementShape: string
{
    case Rectangle = 'rectangle';
    case Disc = 'disc';
    case Ring = 'ring';
    case Band = 'band';
    case Polygon = 'polygon';
    case Line = 'line';
    case Star = 'star';

    /** Of the shorter side: how wide a ring or a band is where its inside is not said. */
    private const WIDE = 0.15;
    /** Of the outer radius: where a star's inner corners lie, as a star of five points is drawn through its middle. */
    private const INNER = 0.382;

    /** What people call it. */
    public function label(): string
    {
        return match ($this) {
            self::Line => 'Rule',
            default => ucfirst($this->value),
        };
    }

    /**
     * Film of this shape, its box at the origin.
     *
     * @param Size      $size  over all
     * @param Size|null $inner the inside of a ring or a band
     * @param int       $sides of a polygon; points of a star
     *
     * @throws Refused where the inside leaves no film
     */
    public function film(Size $size, ?Size $inner = null, int $sides = 6): Region
    {
        [$width, $height] = [$size->width->micrometres, $size->height->micrometres];

        return match ($this) {
            self::Rectangle, self::Line => Box::sized($width, $height)->region(),
            self::Disc => self::oval($width, $height, $width, $height),
            self::Ring, self::Band => self::hollow($width, $height, $inner),
            self::Polygon => (new Polygon($size, $sides))->outline(),
            self::Star => self::star($width, $height, $sides),
        };
    }

    private static function oval(int $width, int $height, int $across, int $down): Region
    {
        return ConvexArea::ellipse($width / 2, $height / 2, $across / 2, $down / 2)->region();
    }

    private static function hollow(int $width, int $height, ?Size $inner): Region
    {
        $wide = (int) round(2 * self::WIDE * min($width, $height));
        $inner ??= new Size(Length::micrometres($width - $wide), Length::micrometres($height - $wide));
        if ($inner->width->micrometres >= $width || $inner->height->micrometres >= $height) {
            throw new Refused('ring-inside-out', 'The inside has to be smaller than the whole, both ways.');
        }

        return Geos::difference(
            self::oval($width, $height, $width, $height),
            self::oval($width, $height, $inner->width->micrometres, $inner->height->micrometres),
        );
    }

    /** A point upwards, drawn into the box. */
    private static function star(int $width, int $height, int $points): Region
    {
        $corners = [];
        for ($nth = 0; $nth < 2 * $points; ++$nth) {
            $far = 0 === $nth % 2 ? 1.0 : self::INNER;
            $corners[] = [$far * sin((\M_PI * $nth) / $points), -$far * cos((\M_PI * $nth) / $points)];
        }
        [$xs, $ys] = [array_column($corners, 0), array_column($corners, 1)];
        [$left, $top] = [min([0.0, ...$xs]), min([0.0, ...$ys])];
        $across = max([0.0, ...$xs]) - $left;
        $down = max([0.0, ...$ys]) - $top;

        return new Region([
            [
                array_map(
                    static fn (array $corner): array => [
                        (int) round((($corner[0] - $left) / $across) * $width),
                        (int) round((($corner[1] - $top) / $down) * $height),
                    ],
                    $corners,
                ),
            ],
        ]);
    }
}
