<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * A cylinder as the wrap round it, its front in the middle and its back, the seam or handle,
 * at both ends. Source: handbook sections 3 and 11.
 */
final readonly class Cylinder implements Wall
{
    use FlatSurface;

    /**
     * @param float|null $seen angle in degrees within which art has to be seen from the front; 360, or none, all round
     */
    public function __construct(private Length $circumference, private Length $height, private ?float $seen = null)
    {
        FromTheFront::check($seen);
    }

    /** Over all. */
    public function size(): Size
    {
        return new Size($this->circumference, $this->height);
    }

    public function outline(): Region
    {
        return Box::sized($this->circumference->micrometres, $this->height->micrometres)->region();
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::share($this->size(), Rule::Clearance, $rules);
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        $all = ConvexArea::box(
            Box::sized($this->circumference->micrometres, $this->height->micrometres)->grown(-$clearance),
        );

        return FromTheFront::isAllRound($this->seen) ? $all : $all->and(ConvexArea::box($this->part($this->seen ?? 0)));
    }

    public function isWrapped(): bool
    {
        return FromTheFront::isAllRound($this->seen);
    }

    /** @param float $down from the upper edge along the wall, µm */
    public function around(float $down): float
    {
        return $this->circumference->micrometres;
    }

    public function straight(Region $flat): Region
    {
        return $flat;
    }

    public function overJoin(Region $flat): Region
    {
        if ($flat->isEmpty()) {
            return $flat;
        }
        $round = $this->circumference->micrometres;

        return Geos::union([$flat, $flat->moved($round, 0), $flat->moved(-$round, 0)]);
    }

    public function front(): Region
    {
        return Box::sized((int) round(2 * $this->radius()), $this->height->micrometres)->region();
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
        return Geos::clipped($flat, $this->part(180))->bent($this->fromTheFront(...));
    }

    /**
     * @param float $x µm
     * @param float $y µm
     */
    public function seenAt(float $x, float $y): ?array
    {
        return abs($x - $this->circumference->micrometres / 2) > $this->circumference->micrometres / 4
            ? null
            : $this->fromTheFront($x, $y);
    }

    /** @return array{float, float} */
    private function fromTheFront(float $x, float $y): array
    {
        $radius = $this->radius();

        return [$radius + $radius * sin(($x - $this->circumference->micrometres / 2) / $radius), $y];
    }

    private function part(float $degrees): Box
    {
        $half = (int) round(($this->circumference->micrometres * $degrees) / 720);
        $middle = intdiv($this->circumference->micrometres, 2);

        return new Box($middle - $half, 0, $middle + $half, $this->height->micrometres);
    }

    private function radius(): float
    {
        return $this->circumference->micrometres / (2 * \M_PI);
    }
}
