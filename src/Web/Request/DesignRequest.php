<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A design to be kept, and whether a proof is made of it at once. */
final readonly class DesignRequest
{
    /**
     * @param int $version of the docket the design was begun on
     * @param bool $proof whether a proof is made of the whole order at once
     * @param int $item which thing of the order it is drawn for, from 1
     */
    public function __construct(public int $version, public bool $proof = false, public int $item = 1)
    {
    }
}
