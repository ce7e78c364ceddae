<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A roster at one letter height: the first of the members that decide it, and what stands out. */
final readonly class SetView
{
    /**
     * @param list<SetMemberView> $members
     * @param list<AlikeView>     $alike
     */
    public function __construct(
        public LengthView $capHeight,
        public int $deciding,
        public array $members,
        public array $alike,
        public string $outline,
        public string $safe,
        public SizeView $object,
        public LengthView $suggestedOffset,
    ) {
    }
}
