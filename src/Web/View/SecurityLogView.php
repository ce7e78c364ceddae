<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A page of the log of what concerns who may do what. */
final readonly class SecurityLogView
{
    /**
     * @param list<SecurityEventView> $events the newest first
     * @param bool $more whether there are older ones
     */
    public function __construct(public array $events, public bool $more)
    {
    }
}
