<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Plans side by side. */
final readonly class NestingView
{
    /**
     * @param list<PlanView>  $plans side by side
     * @param list<SplitView> $splits signs that could be cut in parts, to save empty film
     * @param int $id its number in the records
     * @param int $film the number of the film
     * @param string $boxes weed boxes: none, each piece or each order
     * @param bool $working whether a worker is still thinking
     */
    public function __construct(
        public int $id,
        public int $film,
        public string $boxes,
        public bool $working,
        public array $plans,
        public array $splits,
    ) {
    }
}
