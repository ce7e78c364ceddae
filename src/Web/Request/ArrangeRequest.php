<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Several things of a decal that are to be brought into line or set at equal gaps. */
final readonly class ArrangeRequest
{
    /**
     * @param list<int> $picked the elements by their numbers from 0, -1 for the words; the others follow the first
     * @param string    $how    left, across, right, top, down or bottom for a line; gaps-across or gaps-down
     * @param string    $gap    as typed with its unit; where it is empty the outer two stay where they are
     */
    public function __construct(public array $picked, public string $how, public string $gap = '')
    {
    }
}
