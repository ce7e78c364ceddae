<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Refused;

/**
 * What one line of a decal has of its own: a script word over a block word, a big year under small words. Source:
 * handbook section 4, "Lines differ".
 */
final readonly class LineStyle
{
    private const HEIGHTS = [0.1, 5.0];

    /**
     * @param Face|null $face   the decal's where left out
     * @param float     $height of its letters, as a share of the decal's letter height
     */
    public function __construct(public ?Face $face = null, public float $height = 1.0)
    {
        if ($height < self::HEIGHTS[0] || $height > self::HEIGHTS[1]) {
            throw new Refused(
                'absurd-line-height',
                'A line is from a tenth to five times as high as the letter height.',
                '/lineHeights',
            );
        }
    }
}
