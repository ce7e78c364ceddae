<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * How wide the rim of a layer underneath is made: about 7 % of the letter height, from 0.8 to 3 mm. Source: handbook
 * section 4.
 */
final class Offset
{
    private const SHARE = 0.07;
    private const LEAST = 800;
    private const MOST = 3000;
    private const STEP = 100;

    private function __construct()
    {
    }

    /**
     * @param int $capHeight µm
     *
     * @return int µm, in tenths of a millimetre
     */
    public static function suggested(int $capHeight): int
    {
        return (int) max(self::LEAST, min(self::MOST, self::STEP * round((self::SHARE * $capHeight) / self::STEP)));
    }
}
