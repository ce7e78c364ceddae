<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Rests that wait to be put away. */
final readonly class RestsView
{
    /** @param list<RestView> $rests */
    public function __construct(public array $rests)
    {
    }
}
