<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What the book can be searched by. */
final readonly class LogKindsView
{
    /**
     * @param list<string> $writers who wrote in it
     * @param list<string> $kinds the short names of what happened
     */
    public function __construct(public array $writers, public array $kinds)
    {
    }
}
