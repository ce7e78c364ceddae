<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of film like the object's outline. */
final readonly class BackingRequest
{
    /**
     * @param string $less how much smaller all round, as typed; the object's clearance where empty
     * @param string $units which system plain figures are in
     * @param int $item which thing of the order, from 1
     */
    public function __construct(public string $less = '', public string $units = 'metric', public int $item = 1)
    {
    }
}
