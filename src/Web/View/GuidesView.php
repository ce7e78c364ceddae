<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/**
 * Places at which something is in line with the rest.
 *
 * @phpstan-type Told array{at: int, line: int, label: string}
 */
final readonly class GuidesView
{
    /**
     * @param list<GuideView> $across told by its left
     * @param list<GuideView> $down told by its top
     */
    public function __construct(public array $across, public array $down)
    {
    }

    /** @param array{across: list<Told>, down: list<Told>} $guides */
    public static function from(array $guides): self
    {
        $view = static fn (array $guide): GuideView => new GuideView(
            LengthView::micrometres($guide['at']),
            LengthView::micrometres($guide['line']),
            $guide['label'],
        );

        return new self(array_map($view, $guides['across']), array_map($view, $guides['down']));
    }
}
