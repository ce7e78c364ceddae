<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnMember;

/**
 * One decal of a set: what it could have had by itself, whether it can be cut, and what would help where it holds the
 * others back.
 */
final readonly class SetMemberView
{
    /**
     * @param list<string>       $lines its lines
     * @param list<LayerView>    $layers the layers, letters first
     * @param list<ProposalView> $proposals what would let the others be larger
     * @param LengthView $capHeight its letters
     * @param LengthView $alone the letters this name could have by itself
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     * @param bool $inside whether all of it lies inside the safe area
     * @param bool $canBeCut whether the check finds no stop
     * @param string $says what holds it back; empty where nothing does
     * @param bool $outlier whether it holds the others back
     */
    public function __construct(
        public array $lines,
        public LengthView $capHeight,
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

    public static function from(DrawnMember $member): self
    {
        return new self(
            $member->words->lines,
            LengthView::micrometres($member->capHeight),
            LengthView::atMost($member->alone),
            SizeView::box($member->artwork->box()),
            LengthView::micrometres($member->at[0]),
            LengthView::micrometres($member->at[1]),
            LayerView::all($member->artwork->layers, $member->films),
            $member->inside,
            $member->canBeCut,
            $member->verdict,
            null !== $member->proposals,
            array_map(
                static fn (array $proposal): ProposalView => new ProposalView(
                    $proposal['do'],
                    $proposal['says'],
                    LengthView::atMost($proposal['alone']),
                    $proposal['face'] ?? null,
                    $proposal['lines'] ?? [],
                    $proposal['condense'] ?? null,
                ),
                $member->proposals ?? [],
            ),
        );
    }
}
