<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** The film that is loaded. */
final readonly class StartCutAsk
{
    public function __construct(public int $version, public int $stock)
    {
    }
}
