<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What would let a member of a set have larger letters, and how large. */
final readonly class ProposalView
{
    /** @param list<string> $lines */
    public function __construct(public string $do, public string $says, public LengthView $alone, public ?string $face, public array $lines, public ?float $condense)
    {
    }
}
