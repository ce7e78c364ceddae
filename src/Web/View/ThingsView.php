<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Things at a station. */
final readonly class ThingsView
{
    /**
     * @param list<ThingView> $things due soonest first
     * @param int             $many   how many stand there; more than are given where not all were asked for
     */
    public function __construct(public array $things, public int $many)
    {
    }
}
