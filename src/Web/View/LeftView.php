<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece that did not go on, and why. */
final readonly class LeftView
{
    public function __construct(public string $tag, public string $says)
    {
    }
}
