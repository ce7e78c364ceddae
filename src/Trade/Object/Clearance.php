<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * How far art stays from an edge: a share of the shorter side, and so much at the least. Source: handbook section 3.
 */
final class Clearance
{
    private function __construct()
    {
    }

    /** @return int µm */
    public static function share(Size $size, Rule $share, Rules $rules): int
    {
        return max(
            (int) round(($size->shorter()->micrometres * $rules->value($share)) / 100),
            $rules->micrometres(Rule::LeastClearance),
        );
    }
}
