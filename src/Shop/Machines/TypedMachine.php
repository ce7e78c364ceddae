<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

/** A machine as typed, its figures by the rule each stands for. */
final readonly class TypedMachine
{
    /**
     * @param list<TypedFigure> $figures those left out are the usual ones
     * @param string $name as people call it
     * @param string $kind which kind it is
     * @param string $force the force of the knife, g
     * @param string $blade the blade in it
     * @param string $passes how often each line is cut
     */
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
