<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Which order is meant. */
final readonly class DocketRequest
{
    /** @param int $docket its number */
    public function __construct(public int $docket)
    {
    }
}
