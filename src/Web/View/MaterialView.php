<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an object can be made of, and whether film can be stuck inside it and read from outside. */
final readonly class MaterialView
{
    public function __construct(public string $value, public string $label, public bool $hasInside)
    {
    }
}
