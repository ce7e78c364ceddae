<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Pieces at a station. */
final readonly class PiecesView
{
    /**
     * @param list<PieceView> $pieces due soonest first
     * @param int             $many   how many stand there; more than are given where not all were asked for
     */
    public function __construct(public array $pieces, public int $many)
    {
    }
}
