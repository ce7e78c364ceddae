<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What would let a member of a set have larger letters, and how large. */
final readonly class ProposalView
{
    /**
     * @param list<string> $lines its lines
     * @param string $do the short name of what is done
     * @param string $says a sentence for the worker
     * @param LengthView $alone the letters this name could then have
     * @param string|null $face the typeface it changes to
     * @param float|null $condense per cent narrower, where that is what it changes
     */
    public function __construct(
        public string $do,
        public string $says,
        public LengthView $alone,
        public ?string $face,
        public array $lines,
        public ?float $condense,
    ) {
    }
}
