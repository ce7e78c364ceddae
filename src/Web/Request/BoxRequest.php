<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A box of both sides the art is to fill. */
final readonly class BoxRequest
{
    /**
     * @param string $wide how wide it is, as typed with its unit
     * @param string $high how high it is, as typed with its unit
     */
    public function __construct(public string $wide, public string $high)
    {
    }
}
