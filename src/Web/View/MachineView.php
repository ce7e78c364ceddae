<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Machines\MachineProfile;
use Yelbo\Trade\Rule;

/** A cutter and how it is set. */
final readonly class MachineView
{
    /**
     * @param list<RuleView> $figures what it costs and takes; null until something is laid
     * @param int $id its number in the records
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $name what the shop calls it
     * @param string $kind which kind it is
     * @param bool $inUse whether it is the machine in use
     * @param int $force the force of the knife, g
     * @param string $blade the blade in it
     * @param int $passes how often each line is cut
     * @param string $label as it is shown
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $kind,
        public bool $inUse,
        public array $figures,
        public int $force,
        public string $blade,
        public int $passes,
        public string $label,
    ) {
    }

    public static function from(MachineProfile $machine): self
    {
        $figures = array_map(
            static fn (Rule $rule): RuleView => RuleView::from($rule, $machine->figure($rule), $machine->version()),
            Rule::ofMachines(),
        );

        return new self(
            $machine->id(),
            $machine->version(),
            $machine->name(),
            $machine->kind(),
            $machine->isInUse(),
            $figures,
            $machine->force(),
            $machine->blade(),
            $machine->passes(),
            $machine->label(),
        );
    }
}
