<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Letters the simulated post has taken, the newest first. */
final readonly class OutboxView
{
    /**
     * @param list<OutboxLetterView> $letters the letters
     * @param bool $simulated whether the letters stay in the shop
     */
    public function __construct(public array $letters, public bool $simulated)
    {
    }
}
