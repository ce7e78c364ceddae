<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DrawnMember;

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

    public static function from(DrawnMember $member, Design $design): self
    {
        return new self(
            $member->words->lines, LengthView::micrometres($member->alone), SizeView::box($member->artwork->box()), LengthView::micrometres($member->at[0]), LengthView::micrometres($member->at[1]),
            LayerView::all($member->artwork->layers, $design->films()), $member->inside, $member->canBeCut, $member->verdict, null !== $member->proposals,
            array_map(static fn (array $proposal): ProposalView => new ProposalView($proposal['do'], $proposal['says'], LengthView::micrometres($proposal['alone']), $proposal['face'] ?? null, $proposal['lines'] ?? [], $proposal['condense'] ?? null), $member->proposals ?? []),
        );
    }
}
