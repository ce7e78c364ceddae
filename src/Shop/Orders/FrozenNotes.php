<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** What is to be read beside the drawing of a proof. */
final readonly class FrozenNotes
{
    /**
     * @param list<string> $care
     * @param list<string> $cautions
     * @param list<string> $remarks  what was done to the letters, and what was let pass
     */
    public function __construct(public array $care = [], public array $cautions = [], public array $remarks = [])
    {
    }
}
