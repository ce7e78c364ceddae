<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Rests that wait to be put away. */
final readonly class RemnantsView
{
    /**
     * @param list<RemnantView> $remnants what cuts left, the newest first
     * @param int               $many     how many there are; more than are shown where there are very many
     */
    public function __construct(public array $remnants, public int $many)
    {
    }
}
