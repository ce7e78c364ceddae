<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Region;

/** A round object as it is seen from the front, with what is on it. */
final readonly class FromFront
{
    /**
     * @param Region                           $outline  its own
     * @param list<array{int|null, Region}>    $layers   what is seen of each film, the top one first, with its number
     * @param Region|null                      $keepOuts what is seen of what has to stay clear
     */
    public function __construct(public Region $outline, public array $layers, public ?Region $keepOuts)
    {
    }
}
