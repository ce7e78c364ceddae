<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of a plan put down by hand: its box’s left top corner in mm, and its turn. */
final readonly class PutRequest
{
    public function __construct(public int $version, public int $sheet, public int $nth, public float $x, public float $y, public float $turn)
    {
    }
}
