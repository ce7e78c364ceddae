<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A move, the version it was decided on, and what it has to be told. */
final readonly class MoveRequest
{
    public function __construct(public string $move, public int $version, public string $detail = '')
    {
    }
}
