<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Which thing of which order is meant. */
final readonly class DocketRequest
{
    /**
     * @param int $docket its number
     * @param int $item which thing of the order, from 1
     */
    public function __construct(public int $docket, public int $item = 1)
    {
    }
}
