<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A machine as typed: figures by the rule each stands for. */
final readonly class MachineAsk
{
    /** @param list<FigureAsk> $figures */
    public function __construct(public int $version, public string $name, public string $kind, public array $figures, public string $force, public string $blade, public string $passes)
    {
    }
}
