<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnSet;
use Yelbo\Trade\Geometry\SvgPath;

/** A roster at one letter height: the first of the members that decide it, and what stands out. */
final readonly class SetView
{
    /**
     * @param list<SetMemberView> $members the names of the set
     * @param list<AlikeView>     $alike names that are alike
     * @param LengthView $capHeight the height of the capitals; the least where each has its own
     * @param LengthView $highest the largest height of capitals
     * @param int $deciding which name decides the height, from 0
     * @param string $outline the outline as path data, mm
     * @param string $safe the safe area as path data, mm
     * @param SizeView $object the size of the object
     * @param LengthView $suggestedOffset a rim that would hold at this size
     */
    public function __construct(
        public LengthView $capHeight,
        public LengthView $highest,
        public int $deciding,
        public array $members,
        public array $alike,
        public string $outline,
        public string $safe,
        public SizeView $object,
        public LengthView $suggestedOffset,
    ) {
    }

    public static function from(DrawnSet $set): self
    {
        return new self(
            LengthView::micrometres($set->capHeight),
            LengthView::micrometres($set->highest),
            $set->deciding,
            array_map(SetMemberView::from(...), $set->members),
            array_map(static fn (array $alike): AlikeView => new AlikeView(...$alike), $set->alike),
            SvgPath::write($set->surface->outline()),
            SvgPath::write($set->safe),
            SizeView::from($set->surface->size()),
            LengthView::micrometres($set->suggestedOffset),
        );
    }
}
