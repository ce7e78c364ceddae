<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Rests that wait to be put away. */
final readonly class RemnantsView
{
    /** @param list<RemnantView> $remnants what cuts left*/
    public function __construct(public array $remnants)
    {
    }
}
