<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A cutting face. */
final readonly class FaceView
{
    public function __construct(public string $slug, public string $name, public string $style)
    {
    }
}
