<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

use Yelbo\Trade\Refused;

/** A move the table of journeys does not have. */
final class IllegalMove extends Refused
{
    public static function docket(DocketState $state, DocketMove $move): self
    {
        return new self('illegal-move', "“{$move->says()}” cannot be done to an order that is {$state->value}.");
    }

    public static function piece(PieceState $state, PieceMove $move): self
    {
        return new self('illegal-move', "“{$move->says()}” cannot be done to a piece that is ".str_replace('-', ' ', $state->value).'.');
    }
}
