<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A link to the newest proof, sent to an address where one is given. */
final readonly class LinkAsk
{
    public function __construct(public string $to = '')
    {
    }
}
