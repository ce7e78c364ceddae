<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

/** A machine as typed, its figures by the rule each stands for. */
final readonly class TypedMachine
{
    /** @param list<TypedFigure> $figures those left out are the usual ones */
    public function __construct(
        public string $name,
        public string $kind,
        public array $figures,
        public string $force,
        public string $blade,
        public string $passes,
    ) {
    }

    /** What was typed for a rule; none where nothing was. */
    public function figure(string $rule): ?string
    {
        return array_column($this->figures, 'value', 'rule')[$rule] ?? null;
    }
}
