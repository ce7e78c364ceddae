<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A film as a proof names it. */
final readonly class ProofFilmView
{
    public function __construct(public string $name, public string $swatch, public string $life)
    {
    }
}
