<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Region;

/** One colour of film in a decal. */
final readonly class Layer
{
    public const TOP = 'top';
    /** A colour of a drawing that was brought, under its top one. */
    public const COLOUR = 'colour';
    public const OFFSET = 'offset';
    /** A second, wider offset underneath the first. */
    public const BASE = 'base';

    public function __construct(public string $role, public Region $region)
    {
    }

    /** The film that stays, cm² to the tenth. */
    public function area(): float
    {
        return round($this->region->area() / 100, 1);
    }
}
