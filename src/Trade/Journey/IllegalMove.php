<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

use Yelbo\Trade\Refused;

/** A move the table of journeys does not have. */
final class IllegalMove extends Refused
{
    /** Of a docket. */
    public static function docket(DocketState $state, DocketMove $move): self
    {
        return new self('illegal-move', "“{$move->label()}” cannot be done to an order that is {$state->value}.");
    }

    /** Of a piece. */
    public static function piece(PieceState $state, PieceMove $move): self
    {
        return new self(
            'illegal-move',
            "“{$move->label()}” cannot be done to a piece that is {$state->inWords()}.",
        );
    }

    /** Of a batch. */
    public static function batch(BatchState $state, BatchMove $move): self
    {
        return new self('illegal-move', "“{$move->label()}” cannot be done to a batch that is {$state->value}.");
    }

    /** Of what a cut left. */
    public static function remnant(): self
    {
        return new self('illegal-move', 'What was left of this batch is put away already.');
    }

    /** Of a plan. */
    public static function plan(PlanState $state): self
    {
        return new self(
            'illegal-move',
            match ($state) {
                PlanState::Released => 'This plan was released; it cannot be changed any more.',
                PlanState::Failed => 'This plan broke off. Choose the pieces again.',
                default => 'Yelbo is still working on this plan. Take the best so far first.',
            },
        );
    }
}
