<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Journey\Station;

/** A stop on the line, with what waits there. */
final readonly class StationView
{
    /**
     * @param list<TickView> $waiting what stands there, due soonest first; not all where there are very many
     * @param int $many how many stand there
     * @param Station $station the station it stands at
     * @param int $nth its place in the line, from 1
     * @param int $late how many late ones stand there
     */
    public function __construct(
        public Station $station,
        public int $nth,
        public int $late,
        public int $many,
        public array $waiting,
    ) {
    }
}
