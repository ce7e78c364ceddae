<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\ShownStep;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Plan\StepKind;

/** A step with this decal's own figures. */
final readonly class StepView
{
    /**
     * @param string $name the step by its name in the plan, as it is ticked
     * @param StepKind $kind what kind of step it is
     * @param string $title the step in a few words
     * @param string $how how it is done, in a sentence or two
     * @param list<string> $needs what is laid ready for it
     * @param float $minutes hands take
     * @param int $wait minutes it dries or rests afterwards
     * @param string $reason why it is done so; empty where that goes without saying
     * @param string|null $caution what can hurt somebody
     * @param list<TroubleView> $troubles what may be seen to go wrong, and the answer
     * @param StepDrawingView|null $drawing what it shows of this decal; null where it shows nothing
     * @param int $art what is drawn as art in it, by its place among `arts`
     * @param string $film tag and colour of the film it is done with; empty of what is done with the whole
     * @param int|null $piece the number of that film in the records
     * @param list<string> $waitsFor tags of what has to be weeded first
     * @param bool $done whether it is done
     * @param OtherWayView|null $other the other school's way, where there are two
     */
    public function __construct(
        public string $name,
        public StepKind $kind,
        public string $title,
        public string $how,
        public array $needs,
        public float $minutes,
        public int $wait,
        public string $reason,
        public ?string $caution,
        public array $troubles,
        public ?StepDrawingView $drawing,
        public int $art,
        public string $film,
        public ?int $piece,
        public array $waitsFor,
        public bool $done,
        public ?OtherWayView $other,
    ) {
    }

    public static function from(string $name, ShownStep $shown, bool $done): self
    {
        $step = $shown->step;
        $piece = $shown->piece;

        return new self(
            $name,
            $step->kind,
            $step->title,
            $step->how,
            $step->needs,
            $step->minutes,
            $step->wait,
            $step->reason,
            $step->caution,
            array_map(static fn (array $trouble): TroubleView => new TroubleView(...$trouble), $step->troubles),
            null === $shown->drawing ? null : StepDrawingView::from($shown->drawing),
            $shown->art,
            null === $piece ? '' : "{$piece->tag()}, ".mb_strtolower($piece->film()->colour()),
            $piece?->id(),
            array_map(static fn (Piece $missing): string => $missing->tag(), $shown->waitsFor),
            $done,
            null === $step->other ? null : OtherWayView::from($step->other),
        );
    }
}
