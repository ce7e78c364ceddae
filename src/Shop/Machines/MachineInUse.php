<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Settings\Overlay;
use Yelbo\Trade\Rules;

/** What the machine in use reaches, and how it is set, decides what fits on film. */
final readonly class MachineInUse implements Overlay
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** The figures with those of the machine in use. */
    public function over(Rules $rules): Rules
    {
        return $this->records
            ->getRepository(MachineProfile::class)
            ->findOneBy(['inUse' => true])
            ?->over($rules) ?? $rules;
    }
}
