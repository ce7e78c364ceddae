<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** One step towards a drawing that can be cut: what is done, and what still stands in the way after it. */
final readonly class SimplifiedStep
{
    /**
     * @param string $says   what is done, in words
     * @param int    $before stops before it
     * @param int    $after  stops after it
     * @param float  $gone   % of the film that was drawn that is gone now, all steps so far together
     * @param float  $come   % of it that has come
     */
    public function __construct(
        public string $says,
        public int $before,
        public int $after,
        public float $gone,
        public float $come,
    ) {
    }
}
