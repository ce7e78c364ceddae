<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A round thing seen from the front: its outline, and what is seen of each layer and of what has to stay clear. */
final readonly class FrontView
{
    /** @param list<string> $layers */
    public function __construct(public string $outline, public SizeView $size, public array $layers, public string $keepOuts)
    {
    }
}
