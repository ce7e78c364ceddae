<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How a piece is applied, or packed for the customer. */
final readonly class StepsView
{
    /** @param list<StepView> $steps */
    public function __construct(public PieceView $piece, public array $steps, public ?ObjectView $object, public ProofView $proof, public int $cureHours)
    {
    }
}
