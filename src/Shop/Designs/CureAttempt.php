<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** A cure to be tried: the decal with it, and what it is called. */
final readonly class CureAttempt
{
    public function __construct(public Drawable $decal, public string $says, public DesignChange $change)
    {
    }
}
