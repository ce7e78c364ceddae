<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Refused;

/**
 * A photo made square to what is on it: the perspective that takes the object's frame to four corners in the photo is
 * undone, and what is round is rolled out flat. Source: handbook section 3.
 */
final readonly class Rectification
{
    /** Pixels: corners nearer to each other than this show nothing. */
    private const LEAST = 8.0;

    /** @var array{float, float, float, float, float, float, float, float} from the unit square to the photo */
    private array $way;

    /**
     * @param list<array{float, float}> $corners top left, top right, bottom right, bottom left; pixels of the photo
     *
     * @throws Refused at `/corners`
     */
    public function __construct(private Picture $photo, array $corners)
    {
        self::check($photo, $corners);
        $this->way = self::perspective($corners);
    }

    /**
     * The object's frame filled from the photo, and the colour most of it has.
     *
     * @param int                                                   $width  pixels wanted
     * @param int                                                   $height pixels wanted
     * @param \Closure(float, float): (array{float, float}|null)|null $seen   from a place of the frame to where it is
     *     seen
     *                                                                      between the corners, both as shares from 0
     *                                                                      to 1; none where it is not seen
     *
     * @return array{Picture, int} what is not seen has that colour; 0xRRGGBB
     */
    public function into(int $width, int $height, ?\Closure $seen = null): array
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->way;
        $pixels = [];
        $counts = [array_fill(0, 256, 0), array_fill(0, 256, 0), array_fill(0, 256, 0)];
        $unseen = [];
        for ($y = 0; $y < $height; ++$y) {
            $v = ($y + 0.5) / $height;
            for ($x = 0; $x < $width; ++$x) {
                $u = ($x + 0.5) / $width;
                $at = null === $seen ? [$u, $v] : $seen($u, $v);
                if (null === $at) {
                    $unseen[] = \count($pixels);
                    $pixels[] = 0;
                    continue;
                }
                $depth = $g * $at[0] + $h * $at[1] + 1.0;
                $colour = $this->sampled(
                    ($a * $at[0] + $b * $at[1] + $c) / $depth,
                    ($d * $at[0] + $e * $at[1] + $f) / $depth,
                );
                $pixels[] = $colour;
                ++$counts[0][$colour >> 16];
                ++$counts[1][($colour >> 8) & 255];
                ++$counts[2][$colour & 255];
            }
        }
        $half = intdiv(\count($pixels) - \count($unseen), 2);
        $usual =
            (self::median($counts[0], $half) << 16) |
            (self::median($counts[1], $half) << 8) |
            self::median($counts[2], $half);
        foreach ($unseen as $nth) {
            $pixels[$nth] = $usual;
        }

        return [new Picture($width, $height, array_values($pixels)), $usual];
    }

    /**
     * How a place lies between four corners.
     *
     * @param list<array{float, float}> $corners top left, top right, bottom right, bottom left
     *
     * @return \Closure(float, float): array{float, float} from a place to its shares across and down, 0 to 1 inside
     */
    public static function between(array $corners): \Closure
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = self::perspective($corners);
        // What takes places back is the adjugate of the way there.
        [$la, $lb, $lc] = [$e - $f * $h, $c * $h - $b, $b * $f - $c * $e];
        [$ld, $le, $lf] = [$f * $g - $d, $a - $c * $g, $c * $d - $a * $f];
        [$lg, $lh, $li] = [$d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d];

        return static function (float $x, float $y) use ($la, $lb, $lc, $ld, $le, $lf, $lg, $lh, $li): array {
            $depth = $lg * $x + $lh * $y + $li;

            return [($la * $x + $lb * $y + $lc) / $depth, ($ld * $x + $le * $y + $lf) / $depth];
        };
    }

    /** Between the four pixels round a place; beyond the photo the nearest one. */
    private function sampled(float $x, float $y): int
    {
        $x = max(0.0, min($this->photo->width - 1.001, $x - 0.5));
        $y = max(0.0, min($this->photo->height - 1.001, $y - 0.5));
        [$left, $top] = [(int) $x, (int) $y];
        [$across, $down] = [$x - $left, $y - $top];
        $at = $top * $this->photo->width + $left;
        $pixels = $this->photo->pixels;
        $one = $pixels[$at];
        $two = $pixels[$at + 1] ?? $one;
        $three = $pixels[$at + $this->photo->width] ?? $one;
        $four = $pixels[$at + $this->photo->width + 1] ?? $three;
        $colour = 0;
        for ($shift = 16; $shift >= 0; $shift -= 8) {
            $upper = (($one >> $shift) & 255) * (1 - $across) + (($two >> $shift) & 255) * $across;
            $lower = (($three >> $shift) & 255) * (1 - $across) + (($four >> $shift) & 255) * $across;
            $colour |= (int) round($upper * (1 - $down) + $lower * $down) << $shift;
        }

        return $colour;
    }

    /** @param array<int, int> $counts of each value */
    private static function median(array $counts, int $half): int
    {
        foreach ($counts as $value => $count) {
            $half -= $count;
            if ($half < 0) {
                return $value;
            }
        }

        return 0;
    }

    /** @param list<array{float, float}> $corners */
    private static function check(Picture $photo, array $corners): void
    {
        if (4 !== \count($corners)) {
            throw new Refused('corners', 'Put four corners on the object: one at each end of its edges.', '/corners');
        }
        foreach ($corners as $nth => [$x, $y]) {
            if ($x < -1 || $y < -1 || $x > $photo->width + 1 || $y > $photo->height + 1) {
                throw new Refused('corners', 'Every corner has to lie on the photo.', '/corners');
            }
            [$before, $next] = [$corners[($nth + 3) % 4], $corners[($nth + 1) % 4]];
            $turn = ($x - $before[0]) * ($next[1] - $y) - ($y - $before[1]) * ($next[0] - $x);
            if ($turn <= 0 || hypot($next[0] - $x, $next[1] - $y) < self::LEAST) {
                throw new Refused(
                    'corners',
                    'The corners go round the object the way the clock does, from its top left, and no two edges '
                        .'cross.',
                    '/corners',
                );
            }
        }
    }

    /**
     * @param list<array{float, float}> $corners
     *
     * @return array{float, float, float, float, float, float, float, float}
     */
    private static function perspective(array $corners): array
    {
        [[$x0, $y0], [$x1, $y1], [$x2, $y2], [$x3, $y3]] = $corners;
        [$sx, $sy] = [$x0 - $x1 + $x2 - $x3, $y0 - $y1 + $y2 - $y3];
        [$dx1, $dy1, $dx2, $dy2] = [$x1 - $x2, $y1 - $y2, $x3 - $x2, $y3 - $y2];
        $under = $dx1 * $dy2 - $dx2 * $dy1;
        $g = ($sx * $dy2 - $dx2 * $sy) / $under;
        $h = ($dx1 * $sy - $sx * $dy1) / $under;

        return [
            $x1 - $x0 + $g * $x1,
            $x3 - $x0 + $h * $x3,
            $x0,
            $y1 - $y0 + $g * $y1,
            $y3 - $y0 + $h * $y3,
            $y0,
            $g,
            $h,
        ];
    }
}
