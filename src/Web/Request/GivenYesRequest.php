<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The customer's yes. */
final readonly class GivenYesRequest
{
    /**
     * @param string $name who says yes
     */
    public function __construct(public string $name = '')
    {
    }
}
