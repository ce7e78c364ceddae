<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** A place off the middle where a decal is larger. */
final readonly class LargerPlace
{
    /**
     * @param int $capHeight of its letters there, µm
     * @param int $left      from the left edge of the object to the art, µm
     * @param int $top       from the top edge of the object to the art, µm
     * @param int $more      how much larger than in the middle, per cent
     */
    public function __construct(public int $capHeight, public int $left, public int $top, public int $more)
    {
    }
}
