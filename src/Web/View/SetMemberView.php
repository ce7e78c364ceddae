<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One decal of a set: what it could have had by itself, whether it can be cut, and what would help where it holds the others back. */
final readonly class SetMemberView
{
    /**
     * @param list<string>       $lines
     * @param list<LayerView>    $layers
     * @param list<ProposalView> $proposals
     */
    public function __construct(
        public array $lines,
        public LengthView $alone,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public array $layers,
        public bool $inside,
        public bool $canBeCut,
        public string $says,
        public bool $outlier,
        public array $proposals,
    ) {
    }
}
