<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The shop’s cutters. */
final readonly class MachinesView
{
    /** @param list<MachineView> $machines the machines*/
    public function __construct(public array $machines)
    {
    }
}
