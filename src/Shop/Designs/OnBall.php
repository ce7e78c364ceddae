<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** How large letters may be on a ball: so that each part lies flat, and so that snips between the letters help. */
final readonly class OnBall
{
    /**
     * @param int $flat  µm
     * @param int $snips µm; larger ones have to be split
     */
    public function __construct(public int $flat, public int $snips)
    {
    }
}
