<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** Where everything goes, and what did not go anywhere and why. */
final readonly class Plan
{
    /**
     * @param list<Sheet>                                          $sheets
     * @param list<array{piece: string, count: int, why: string}> $left
     */
    public function __construct(public array $sheets, public array $left)
    {
    }
}
