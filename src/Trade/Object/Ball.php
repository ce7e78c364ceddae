<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rules;

/**
 * A ball, its front half laid flat about its middle: lengths from the middle are those along
 * the surface.
 *
 * What is in one piece and reaches r along the surface has to shrink at its edge by 1 − sin(t)/t, t = r/R: up to 1.5 %
 * it lies flat, to 4 % with relief snips, beyond it is split or made smaller. Letters that touch nothing lie each by
 * itself: then it is the tape that is snipped between them. Source: handbook section 3.
 */
final readonly class Ball implements Round
{
    use FlatSurface;

    /** @param float|null $seen angle in degrees within which art has to be seen from the front; else all its front */
    public function __construct(private Length $diameter, private ?float $seen = null)
    {
        FromTheFront::check($seen);
    }

    /** Over all. */
    public function size(): Size
    {
        $half = $this->diameter->times(\M_PI / 2);

        return new Size($half, $half);
    }

    public function outline(): Region
    {
        return $this->disc($this->size()->width->micrometres / 2)->region();
    }

    /** The strain decides, not an edge. */
    public function clearance(Rules $rules): int
    {
        return 0;
    }

    /**
     * What is seen from the front. How large each part of a decal may be there, its strain says.
     *
     * @param int $clearance to the edge, µm
     */
    public function safe(int $clearance): Room
    {
        $angle = deg2rad(min(180.0, $this->seen ?? 180.0)) / 2;

        return $this->disc(($angle * $this->diameter->micrometres) / 2)->inset($clearance);
    }

    /** How much the edge of a decal has to shrink that reaches so far (µm) from its middle. */
    public function strain(float $reach): float
    {
        $t = $reach / ($this->diameter->micrometres / 2);

        return $t < 1e-6 ? 0.0 : 1 - sin($t) / $t;
    }

    /**
     * How far a decal may reach from its middle for a strain, µm. By halving: the strain only grows up to half round.
     */
    public function reach(float $strain): float
    {
        $does = 0.0;
        $fails = ($this->diameter->micrometres * \M_PI) / 2;
        while ($fails - $does > 0.01) {
            $try = ($does + $fails) / 2;
            [$does, $fails] = $this->strain($try) <= $strain ? [$try, $fails] : [$does, $try];
        }

        return $does;
    }

    public function overJoin(Region $flat): Region
    {
        return $flat;
    }

    public function front(): Region
    {
        $radius = $this->diameter->micrometres / 2;

        return ConvexArea::ellipse($radius, $radius, $radius, $radius)->region();
    }

    public function frontCorners(): array
    {
        $box = $this->front()->box();

        return [
            [(float) $box->left, (float) $box->top],
            [(float) $box->right, (float) $box->top],
            [(float) $box->right, (float) $box->bottom],
            [(float) $box->left, (float) $box->bottom],
        ];
    }

    public function seen(Region $flat): Region
    {
        return Geos::intersection($flat, $this->outline())->bent($this->fromTheFront(...));
    }

    /**
     * @param float $x µm
     * @param float $y µm
     */
    public function seenAt(float $x, float $y): ?array
    {
        $middle = $this->size()->width->micrometres / 2;

        return hypot($x - $middle, $y - $middle) > ($this->diameter->micrometres * \M_PI) / 4
            ? null
            : $this->fromTheFront($x, $y);
    }

    /** @return array{float, float} */
    private function fromTheFront(float $x, float $y): array
    {
        $radius = $this->diameter->micrometres / 2;
        $middle = $this->size()->width->micrometres / 2;
        $out = hypot($x - $middle, $y - $middle);
        $share = $out < 1 ? 1.0 : ($radius * sin($out / $radius)) / $out;

        return [$radius + ($x - $middle) * $share, $radius + ($y - $middle) * $share];
    }

    private function disc(float $radius): ConvexArea
    {
        $middle = $this->size()->width->micrometres / 2;

        return ConvexArea::ellipse($middle, $middle, $radius, $radius);
    }
}
