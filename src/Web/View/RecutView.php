<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A reason pieces were cut again for. */
final readonly class RecutView
{
    /**
     * @param string $reason as it was written
     * @param int $count how many pieces
     */
    public function __construct(public string $reason, public int $count)
    {
    }
}
