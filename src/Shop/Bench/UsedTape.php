<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;

/** A piece of tape that lifted a decal and can lift another. */
final readonly class UsedTape
{
    /**
     * @param Piece $from what it lifted first
     * @param int   $uses how often it has served
     */
    public function __construct(public Piece $from, public int $uses)
    {
    }
}
