<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that may be done next. */
final readonly class MoveView
{
    public function __construct(public string $move, public string $says)
    {
    }
}
