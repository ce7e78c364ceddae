<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A roster at one letter height, or each of its members at one of its own. */
final readonly class FittedSet
{
    /**
     * @param int             $capHeight µm, of all; the least where each has its own
     * @param non-empty-list<SetMember> $members in the order of the roster
     */
    public function __construct(public int $capHeight, public array $members)
    {
    }

    /** The member that decides the letter height: the one that could have least. */
    public function deciding(): int
    {
        $alone = array_map(static fn (SetMember $member): int => $member->alone, $this->members);

        return (int) array_search(min($alone), $alone, true);
    }
}
