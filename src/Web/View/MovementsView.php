<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What came and went, the newest first. */
final readonly class MovementsView
{
    /** @param list<MovementView> $movements what came in and went out, newest first*/
    public function __construct(public array $movements)
    {
    }
}
