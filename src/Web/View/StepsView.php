<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How a piece is applied, or packed for the customer. */
final readonly class StepsView
{
    /**
     * @param list<StepView> $steps in order
     * @param PieceView $piece the number of the piece
     * @param ObjectView|null $object what it goes on
     * @param ProofView $proof which version of the proof, from 1
     * @param int $alike how many other decals of the item stand as this one does
     * @param int $cureHours how long the film has to rest, h
     */
    public function __construct(
        public PieceView $piece,
        public array $steps,
        public ?ObjectView $object,
        public ProofView $proof,
        public int $cureHours,
        public int $alike,
    ) {
    }
}
