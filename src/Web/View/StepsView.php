<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How a piece is applied, or packed for the customer: its plan of work. */
final readonly class StepsView
{
    /**
     * @param PieceView $piece what it is of
     * @param list<StepView> $steps in order, less the rest at the end
     * @param list<string> $needs all that is laid ready, each once
     * @param float $minutes hands take in all
     * @param int $waits minutes it dries and rests in all
     * @param string $after what comes when all is done, in a sentence or two
     * @param list<StepArtView> $art what is put on, from bottom to top
     * @param SpotView $artFrom of that the left top corner of what is drawn, mm
     * @param string|null $driesUntil until when a coat dries, ISO 8601; null where none does
     * @param list<UsedTapeView> $tapes that served before and can lift it too
     * @param int|null $tapeFrom of those the one it is lifted with; null for a new piece
     * @param int $alike how many other decals of the item stand as this one does
     */
    public function __construct(
        public PieceView $piece,
        public array $steps,
        public array $needs,
        public float $minutes,
        public int $waits,
        public string $after,
        public array $art,
        public SpotView $artFrom,
        public ?string $driesUntil,
        public array $tapes,
        public ?int $tapeFrom,
        public int $alike,
    ) {
    }
}
