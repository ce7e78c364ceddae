<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Plan\StepDrawing;

/** A small drawing of a step to scale, mm. */
final readonly class StepDrawingView
{
    /**
     * @param BoxView $frame all that is shown
     * @param SpotView $art where the art's left top lies
     * @param list<StepMarkView> $marks from bottom to top
     * @param list<StepTextView> $texts figures, and where they stand
     */
    public function __construct(public BoxView $frame, public SpotView $art, public array $marks, public array $texts)
    {
    }

    public static function from(StepDrawing $drawing): self
    {
        return new self(
            BoxView::from($drawing->frame),
            SpotView::micrometres(...$drawing->art),
            array_map(static fn (array $mark): StepMarkView => new StepMarkView(...$mark), $drawing->marks),
            array_map(static fn (array $text): StepTextView => new StepTextView(...$text), $drawing->texts),
        );
    }
}
