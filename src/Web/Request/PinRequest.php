<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of a plan that is to stay, or not any more. */
final readonly class PinRequest
{
    public function __construct(public int $version, public int $sheet, public int $nth, public bool $pinned)
    {
    }
}
