<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The customer's yes. */
final readonly class GivenYesRequest
{
    /**
     * @param string $name who says yes
     * @param bool $asItIs whether it is meant without what was wished for
     */
    public function __construct(public string $name = '', public bool $asItIs = false)
    {
    }
}
