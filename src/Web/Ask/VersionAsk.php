<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** The version a change was decided on. */
final readonly class VersionAsk
{
    public function __construct(public int $version)
    {
    }
}
