<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What the cutter says of itself. */
final readonly class CutterView
{
    /**
     * @param bool $answers whether the cutter answers
     * @param string $state idle, cutting, paused, done, stopped or failed
     * @param int|null $batch the number of the batch on it
     * @param float $share from 0 to 1
     * @param int $contours how many outlines are cut
     * @param float $x where the knife is, mm from the left
     * @param float $y where the knife is, mm from the top
     * @param float $seconds how long it goes on
     * @param string $says what it says of itself
     */
    public function __construct(
        public bool $answers,
        public string $state,
        public ?int $batch,
        public float $share,
        public int $contours,
        public float $x,
        public float $y,
        public float $seconds,
        public string $says,
    ) {
    }
}
