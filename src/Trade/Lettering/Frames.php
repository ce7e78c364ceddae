<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\Region;

/** Solids that letters are knocked out of, and borders around them. Source: handbook section 4. */
final class Frames
{
    /**
     * As shares of the letter height: film round the letters of a knock-out, on either side of those in a band, clear
     * film inside a border, the border itself.
     */
    private const MARGIN = 0.45;
    public const BAND = 0.2;
    private const CLEAR = 0.4;
    private const STROKE = 0.12;
    /** µm: how finely it is found how far letters reach inwards. */
    private const INWARDS = 20;
    /** Of the border: the thin second ring. */
    private const THIN = 0.5;
    /** Boxes nearer to a square than this get a true circle. */
    private const NEARLY_SQUARE = 1.25;

    private function __construct()
    {
    }

    /**
     * Words cut out of a solid.
     *
     * @param int $capHeight the letter height, µm
     */
    public static function knockedOut(Region $letters, int $capHeight, KnockoutShape $shape): Region
    {
        $margin = (int) round(self::MARGIN * $capHeight);

        return Geos::difference(
            match ($shape) {
                KnockoutShape::Rectangle => $letters->box()->grown($margin)->region(),
                KnockoutShape::Rounded => ConvexArea::rounded($letters->box()->grown($margin), $margin)->region(),
                KnockoutShape::Ellipse => self::ellipse($letters, $margin)->region(),
                KnockoutShape::Polygon => self::hexagon($letters->box()->grown($margin))->region(),
                KnockoutShape::Band => throw new \LogicException('A band follows the words.'),
            },
            $letters,
        );
    }

    /**
     * Words cut out of the band they run along, about the origin.
     *
     * @param array{float, float} $halves half the sides of the baseline, µm
     */
    public static function cutOutOfABand(Region $letters, int $capHeight, array $halves): Region
    {
        $rim = (int) round(self::BAND * $capHeight);
        $outside = self::along($letters, $rim, ...$halves);
        // As far in as the letters reach, seen from where all of them lie outside.
        $inside = self::alongInside($letters, $rim, ...$halves);

        return Geos::difference(Geos::difference($outside->region(), $inside->region()), $letters);
    }

    /**
     * Words with a frame round them.
     *
     * @param array{float, float}|null $halves half the sides of an oval about the origin that rings follow, µm; round
     *     the letters' box where left out
     */
    public static function around(Region $letters, int $capHeight, Frame $frame, ?array $halves = null): Region
    {
        $clear = (int) round(self::CLEAR * $capHeight);
        $stroke = max(1, (int) round(self::STROKE * $capHeight));
        $thin = max(1, (int) round(self::THIN * $stroke));

        return match ($frame) {
            Frame::None => Region::none(),
            Frame::Rule => self::border(ConvexArea::box($letters->box()->grown($clear + $stroke)), $stroke),
            Frame::Ring => self::border(self::ring($letters, $clear + $stroke, $halves), $stroke),
            Frame::DoubleRing => Geos::union([
                self::border(self::ring($letters, $clear + $thin, $halves), $thin),
                self::border(self::ring($letters, $clear + $thin + 2 * $stroke, $halves), $stroke),
            ]),
            Frame::Polygon => self::border(self::hexagon($letters->box()->grown($clear))->inset(-$stroke), $stroke),
        };
    }

    private static function border(ConvexArea $outside, int $stroke): Region
    {
        return Geos::difference($outside->region(), $outside->inset($stroke)->region());
    }

    /** @param array{float, float}|null $halves */
    private static function ring(Region $letters, int $more, ?array $halves): ConvexArea
    {
        return null === $halves ? self::ellipse($letters, $more) : self::along($letters, $more, ...$halves);
    }

    /** Along an oval about the origin: as far off it all round as the letters reach, and so much more. */
    private static function along(Region $letters, int $more, float $across, float $down): ConvexArea
    {
        $off = 0.0;
        foreach (Hull::ofRegion($letters)->corners as [$x, $y]) {
            $isInside = static fn (float $by): bool => hypot($x / ($across + $by), $y / ($down + $by)) <= 1;
            if ($isInside($off)) {
                continue;
            }
            [$low, $high] = [$off, max($off, hypot($x, $y))];
            while ($high - $low > 1) {
                $middle = ($low + $high) / 2;
                [$low, $high] = $isInside($middle) ? [$low, $middle] : [$middle, $high];
            }
            $off = $high;
        }

        return ConvexArea::ellipse(0, 0, $across + $off + $more, $down + $off + $more);
    }

    /** Along an oval about the origin: as far inside it as the letters reach, and so much more. */
    private static function alongInside(Region $letters, int $more, float $across, float $down): ConvexArea
    {
        $off = 0.0;
        foreach ($letters->rings() as $ring) {
            foreach ($ring as [$x, $y]) {
                while ($off < min($across, $down) && hypot($x / ($across - $off), $y / ($down - $off)) < 1) {
                    $off += self::INWARDS;
                }
            }
        }

        return ConvexArea::ellipse(0, 0, max(1, $across - $off - $more), max(1, $down - $off - $more));
    }

    /** The smallest oval of the box's own proportions round the letters, and so much more. */
    private static function ellipse(Region $letters, int $more): ConvexArea
    {
        $box = $letters->box();
        $cx = ($box->left + $box->right) / 2;
        $cy = ($box->top + $box->bottom) / 2;
        $square = max($box->width(), $box->height()) < self::NEARLY_SQUARE * min($box->width(), $box->height());
        $rx = max(1, $square ? max($box->width(), $box->height()) : $box->width()) / 2;
        $ry = max(1, $square ? max($box->width(), $box->height()) : $box->height()) / 2;
        $out = 0.0;
        foreach (Hull::ofRegion($letters)->corners as [$x, $y]) {
            $out = max($out, hypot(($x - $cx) / $rx, ($y - $cy) / $ry));
        }

        return ConvexArea::ellipse($cx, $cy, $rx * $out + $more, $ry * $out + $more);
    }

    /** Points to the left and the right, its slanted sides at 60 degrees. */
    private static function hexagon(Box $box): ConvexArea
    {
        $point = (tan(\M_PI / 6) * $box->height()) / 2;
        $middle = ($box->top + $box->bottom) / 2;

        return ConvexArea::polygon([
            [$box->left, $box->top],
            [$box->right, $box->top],
            [$box->right + $point, $middle],
            [$box->right, $box->bottom],
            [$box->left, $box->bottom],
            [$box->left - $point, $middle],
        ]);
    }
}
