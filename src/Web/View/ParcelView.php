<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What goes out with a piece. */
final readonly class ParcelView
{
    /**
     * @param list<string> $contents
     * @param list<string> $care
     */
    public function __construct(public PieceView $piece, public array $contents, public array $care)
    {
    }
}
