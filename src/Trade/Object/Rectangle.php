<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** A flat rectangle, its corners round by a radius or square. Source: handbook section 3. */
final readonly class Rectangle implements Surface
{
    use Level;

    public function __construct(private Size $size, private Length $corner)
    {
        if ($corner->micrometres < 0 || 2 * $corner->micrometres > $size->shorter()->micrometres) {
            throw new Refused('absurd-corner', 'A corner radius is at most half the shorter side: '.$size->shorter()->times(0.5)->inMetric().' mm here.', '/corner');
        }
    }

    public function size(): Size
    {
        return $this->size;
    }

    public function outline(): Region
    {
        return $this->area()->region();
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::of($this->size, Rule::Clearance, $rules);
    }

    public function safe(int $clearance): Room
    {
        return $this->area()->inset($clearance);
    }

    private function area(): ConvexArea
    {
        return ConvexArea::rounded(Box::sized($this->size->width->micrometres, $this->size->height->micrometres), $this->corner->micrometres);
    }
}
