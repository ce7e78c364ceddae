<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One step towards a drawing that can be cut. */
final readonly class SimplifiedStepView
{
    /**
     * @param string $says   what is done, in words
     * @param int    $before stops before it
     * @param int    $after  stops after it
     * @param float  $gone   per cent of the film as it was drawn that is gone by now
     * @param float  $come   per cent of it that has come by now
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
