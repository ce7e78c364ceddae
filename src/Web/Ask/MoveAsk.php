<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A move, the version it was decided on, and what it has to be told. */
final readonly class MoveAsk
{
    public function __construct(public string $move, public int $version, public string $detail = '')
    {
    }
}
