<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A link to the newest proof, sent to an address where one is given. */
final readonly class LinkRequest
{
    /**
     * @param string $to the address it is sent to
     */
    public function __construct(public string $to = '')
    {
    }
}
