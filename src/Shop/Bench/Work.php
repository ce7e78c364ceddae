<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

/** The plan of work of one thing as it is shown at the bench and printed. */
final readonly class Work
{
    /**
     * @param array<string, ShownStep> $steps   that hands do, in order, by their names
     * @param list<string>             $needs   all that is laid ready, each once
     * @param float                    $minutes hands take in all
     * @param int                      $waits   minutes it dries and rests in all
     * @param string                   $after   what comes when all is done; empty where nothing does
     * @param list<StepArt>            $art     what is drawn in its pictures; the whole last
     */
    public function __construct(
        public array $steps,
        public array $needs,
        public float $minutes,
        public int $waits,
        public string $after,
        public array $art,
    ) {
    }
}
