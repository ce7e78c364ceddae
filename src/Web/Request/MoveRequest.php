<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A move, the version it was decided on, and what it has to be told. */
final readonly class MoveRequest
{
    /**
     * @param string $move the short name of the move
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $detail what else belongs to it
     * @param bool $alike whether all that stand alike make the move too
     * @param list<int> $items the numbers of the things it is about; all of them where none is named
     */
    public function __construct(
        public string $move,
        public int $version,
        public string $detail = '',
        public array $items = [],
        public bool $alike = false,
    ) {
    }
}
