<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

/** Where a batch stands. */
enum BatchState: string
{
    case Released = 'released';
    case Cutting = 'cutting';
    case Cut = 'cut';
    case Dissolved = 'dissolved';
}
