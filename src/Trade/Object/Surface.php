<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rules;

/** A thing to put a decal on, laid flat; its origin is the top left of its box. */
interface Surface
{
    /** Over all. */
    public function size(): Size;

    /** Its outline: a guide only. It never reaches a cut file. */
    public function outline(): Region;

    /** What a tape along the surface says it is: width, or round, by height. */
    public function wall(): Size;

    /** Something measured along the surface from the left and the top, put into the frame of `outline()`. */
    public function laid(Region $measured): Region;

    /** How far art stays from the edge by the shop's rules, µm. */
    public function clearance(Rules $rules): int;

    /** The true inset of the outline by a clearance in µm. */
    public function safe(int $clearance): Room;
}
