<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** One decal of a set. */
final readonly class SetMember
{
    /** @param int $alone the letter height it could have by itself, µm */
    public function __construct(public Words $words, public int $alone, public Fitted $fitted)
    {
    }
}
