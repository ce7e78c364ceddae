<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepDrawing;

/** The plan of work of one piece as it is shown at the bench and printed. */
final readonly class Work
{
    /**
     * @param array<string, Step>             $steps    that hands do, in order, by their names
     * @param array<string, StepDrawing|null> $drawings of each; none where it shows nothing of this decal
     * @param list<string>                    $needs    all that is laid ready, each once
     * @param float                           $minutes  hands take in all
     * @param int                             $waits    minutes it dries and rests in all
     * @param string                          $after    what comes when all is done; empty where nothing does
     * @param list<array{string, string}>     $art      the outline and the colour of each film that is put on, from bottom
     *     to top: a hash, and #rrggbb
     * @param array{int, int}                 $artFrom  of those the left top corner of what is put on, µm
     */
    public function __construct(
        public array $steps,
        public array $drawings,
        public array $needs,
        public float $minutes,
        public int $waits,
        public string $after,
        public array $art,
        public array $artFrom,
    ) {
    }
}
