<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What the cutter says of itself. */
final readonly class CutterView
{
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
