<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\OutlineArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** An odd shape, traced from a photo or drawn. Source: handbook section 3. */
final readonly class OddShape implements Surface
{
    use FlatSurface;

    /** Of the area. */
    private const ALIKE = 0.985;

    /** Of one outline: more are thinned. */
    private const MANY_CORNERS = 500;
    /** Of the longer side, the part: how exactly an edge can be traced at all. */
    private const SHARE_TRACED = 4000;

    private Region $outline;

    /** @throws Refused for an outline that encloses nothing */
    public function __construct(Region $outline)
    {
        if ($outline->isEmpty() || $outline->area() < 1) {
            throw new Refused('no-outline', 'This outline encloses nothing. Give the path of a closed shape.', '/path');
        }
        $outline = self::thinned($outline);
        $box = $outline->box();
        $this->outline = $outline->moved(-$box->left, -$box->top);
    }

    /** A tracing of very many corners says no more of an edge than one of a few: nobody cuts it. */
    public static function thinned(Region $outline): Region
    {
        if (max(0, ...array_map(\count(...), $outline->rings())) <= self::MANY_CORNERS) {
            return $outline;
        }
        $box = $outline->box();

        return Geos::followed($outline, intdiv(max($box->width(), $box->height()), self::SHARE_TRACED));
    }

    /**
     * The upright line about which it is the same on both sides, µm; none where there is no such line.
     *
     * By how much of it lies on its own mirror image: a traced edge is never quite the same on both sides.
     */
    public function axis(): ?float
    {
        $box = $this->outline->box();
        $mirrored = $this->outline->mirrored();
        $mirrored = $mirrored->moved($box->left - $mirrored->box()->left, 0);

        return Geos::intersection($this->outline, $mirrored)->area() > self::ALIKE * $this->outline->area()
            ? ($box->left + $box->right) / 2
            : null;
    }

    /** Over all. */
    public function size(): Size
    {
        $box = $this->outline->box();

        return new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
    }

    public function outline(): Region
    {
        return $this->outline;
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::share($this->size(), Rule::Clearance, $rules);
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        return new OutlineArea(Geos::inset($this->outline, $clearance));
    }
}
