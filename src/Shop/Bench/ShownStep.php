<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepDrawing;

/** A step as it is shown at the bench and printed. */
final readonly class ShownStep
{
    /**
     * @param StepDrawing|null $drawing none where it shows nothing of this thing
     * @param int              $art     what is drawn as art in it, by its place in the work
     * @param list<Piece>      $waitsFor what has to be weeded first
     * @param Piece|null       $piece   the film it is done with; none of what is done with the whole
     */
    public function __construct(
        public Step $step,
        public ?StepDrawing $drawing,
        public int $art,
        public ?Piece $piece,
        public array $waitsFor,
    ) {
    }
}
