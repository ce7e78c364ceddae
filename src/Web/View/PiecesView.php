<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Pieces at a station. */
final readonly class PiecesView
{
    /** @param list<PieceView> $pieces the pieces it is about*/
    public function __construct(public array $pieces)
    {
    }
}
