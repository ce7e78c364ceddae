<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** The customer's yes. */
final readonly class GivenYesAsk
{
    public function __construct(public string $name = '')
    {
    }
}
