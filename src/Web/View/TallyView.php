<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How many of so many came back. */
final readonly class TallyView
{
    /**
     * @param string $of what was cut: a film or a face by its short name, or a film and a size of parts
     * @param int $cases how often it was cut
     * @param int $back how often it came back
     * @param float $least the share that came back is at least so much, nine times of ten
     * @param float $most and at most
     */
    public function __construct(
        public string $of,
        public int $cases,
        public int $back,
        public float $least,
        public float $most,
    ) {
    }
}
