<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\People\Worker;

/** Where somebody has put a step of an order in the week: it stays there, and the rest gives way. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['docket', 'step'])]
class StepPin
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column] private int $docket,
        #[ORM\Column(length: 30)] private string $step,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private Worker $hand,
        #[ORM\Column(name: 'begins')] private \DateTimeImmutable $from,
    ) {
    }

    /** The number of the docket. */
    public function docket(): int
    {
        return $this->docket;
    }

    /** Which step, by its key. */
    public function step(): string
    {
        return $this->step;
    }

    /** Who does it. */
    public function hand(): Worker
    {
        return $this->hand;
    }

    /** When it begins. */
    public function from(): \DateTimeImmutable
    {
        return $this->from;
    }

    /** Puts it elsewhere. */
    public function put(Worker $hand, \DateTimeImmutable $from): void
    {
        $this->hand = $hand;
        $this->from = $from;
    }
}
