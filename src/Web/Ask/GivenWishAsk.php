<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** What the customer wants changed; the spot in mm in the object's frame, where one was pinned. */
final readonly class GivenWishAsk
{
    public function __construct(public string $name = '', public string $note = '', public ?float $x = null, public ?float $y = null)
    {
    }
}
