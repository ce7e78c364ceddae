<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Region;

/** An object's outline in a photo. */
final readonly class Traced
{
    /**
     * @param Region       $outline   a thousand units to the pixel
     * @param int          $threshold how far from the ground's colour a pixel has to be, 1 to 254
     * @param list<string> $doubts    sentences about what could be better
     */
    public function __construct(public Region $outline, public int $threshold, public array $doubts)
    {
    }
}
