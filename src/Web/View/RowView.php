<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The cells of a row. */
final readonly class RowView
{
    /** @param list<string> $cells the cells of the row*/
    public function __construct(public array $cells)
    {
    }
}
