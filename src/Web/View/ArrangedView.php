<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where several things lie once they are arranged. */
final readonly class ArrangedView
{
    /** @param list<ArrangedThingView> $things each with its new place */
    public function __construct(public array $things)
    {
    }

    /** @param array<int, array{int, int}> $places µm, by the numbers of the things */
    public static function from(array $places): self
    {
        return new self(
            array_map(
                static fn (int $nth, array $at): ArrangedThingView => new ArrangedThingView(
                    $nth,
                    LengthView::micrometres($at[0]),
                    LengthView::micrometres($at[1]),
                ),
                array_keys($places),
                array_values($places),
            ),
        );
    }
}
