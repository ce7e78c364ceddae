<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Dockets in a list. */
final readonly class DocketsView
{
    /** @param list<DocketRow> $dockets the dockets*/
    public function __construct(public array $dockets)
    {
    }
}
