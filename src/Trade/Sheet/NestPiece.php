<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Region;

/** A decal layer to be cut so many times. */
final readonly class NestPiece
{
    /**
     * @param list<int|float>|null $turns degrees clockwise it may be turned by; the job's where left out
     * @param string               $order pieces of one order may lie nearer to each other; '' belongs with nothing
     */
    public function __construct(
        public string $id,
        public Region $region,
        public int $count = 1,
        public ?array $turns = null,
        public string $order = '',
    ) {
    }
}
