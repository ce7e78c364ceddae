<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Item;
use Yelbo\Trade\Check\SnagGroup;

/**
 * What speaks against a drawing, how the words differ from what was asked for, and how long it takes to weed (minutes).
 */
final readonly class CheckView
{
    /**
     * @param list<SnagGroupView> $snags what the check found, worst first
     * @param list<string>        $spelling what looks misspelled, sentences
     * @param float $weeding how long weeding takes, minutes
     * @param OnBallView|null $onBall how large letters may be, where the object is a ball
     * @param ElsewhereView|null $elsewhere a larger place off the middle, where there is one worth the name
     */
    public function __construct(
        public array $snags,
        public array $spelling,
        public float $weeding,
        public ?ElsewhereView $elsewhere,
        public ?OnBallView $onBall,
    ) {
    }

    /**
     * @param list<SnagGroup> $groups
     * @param Item|null       $item     of which order it is: what the owner lets pass
     * @param list<string>    $spelling
     * @param list<array{int, SnagGroup}> $ofElements each with the place of its element in the list, from 0
     */
    public static function from(
        array $groups,
        ?Item $item,
        array $spelling,
        float $weeding,
        ?ElsewhereView $elsewhere = null,
        ?OnBallView $onBall = null,
        array $ofElements = [],
    ): self {
        $view = static fn (SnagGroup $group, ?int $element): SnagGroupView => SnagGroupView::from(
            $group,
            $item?->waivers()->reason($group),
            $element,
        );

        return new self(
            [
                ...array_map(static fn (SnagGroup $group): SnagGroupView => $view($group, null), $groups),
                ...array_map(
                    static fn (array $found): SnagGroupView => $view($found[1], $found[0]),
                    $ofElements,
                ),
            ],
            $spelling,
            $weeding,
            $elsewhere,
            $onBall,
        );
    }
}
