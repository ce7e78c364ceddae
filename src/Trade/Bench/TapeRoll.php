<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

/** A roll of transfer tape. */
final readonly class TapeRoll
{
    /** @param int $width µm */
    public function __construct(public TapeKind $kind, public int $width)
    {
    }
}
