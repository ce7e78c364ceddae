<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** A move of a thing in hand, the version it was decided on, and what it has to be told. */
final readonly class ThingMoveRequest
{
    /**
     * @param string $move the short name of the move
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $detail why it is spoiled, or the number of its parcel
     * @param bool $alike whether all that stand alike make the move too
     * @param list<int> $pieces the numbers of the films that are spoiled; all of them where none is named
     */
    public function __construct(
        public string $move,
        public int $version,
        public string $detail = '',
        public bool $alike = false,
        #[Assert\Count(max: 200)]
        public array $pieces = [],
    ) {
    }
}
