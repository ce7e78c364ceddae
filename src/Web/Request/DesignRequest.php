<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A design to be kept, and whether a proof is made of it at once. */
final readonly class DesignRequest
{
    /**
     * @param int $version of the docket the design was begun on
     * @param bool $proof whether a proof is made of it at once
     */
    public function __construct(public int $version, public bool $proof = false)
    {
    }
}
