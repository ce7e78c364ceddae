<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What would make an order ready earlier. */
final readonly class SoonerView
{
    /**
     * @param string $says in a few words
     * @param string $readyAt when it would be, ISO 8601
     */
    public function __construct(public string $says, public string $readyAt)
    {
    }
}
