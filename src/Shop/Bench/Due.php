<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\Station;

/** What is to be done next with an order that is being made: where, with which piece or thing, and what that is. */
final readonly class Due
{
    /** @param string $says the step that is due, in a few words */
    public function __construct(public Station $station, public Piece|Thing $what, public string $says)
    {
    }
}
