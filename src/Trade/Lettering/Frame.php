<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A border around lettering. Source: handbook section 4. */
enum Frame: string
{
    case None = 'none';
    case Rule = 'rule';
    case Ring = 'ring';
    case DoubleRing = 'double-ring';
    case Polygon = 'polygon';

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Rule => 'Rule',
            self::Ring => 'Ring',
            self::DoubleRing => 'Double ring',
            self::Polygon => 'Hexagon',
        };
    }
}
