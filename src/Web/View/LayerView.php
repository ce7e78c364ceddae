<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One layer of a decal, in the frame all its layers share; the film by its number on the shelf, none for the order's own. */
final readonly class LayerView
{
    public function __construct(public string $role, public string $path, public ?int $film)
    {
    }
}
