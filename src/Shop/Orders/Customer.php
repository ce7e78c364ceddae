<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/** Somebody who orders. */
#[ORM\Entity]
#[ORM\Index(columns: ['name'])]
class Customer
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 200)]
        private string $contact,
    ) {
    }

    /** Whether it is in the records already, and has a number there. */
    public function isKept(): bool
    {
        return null !== $this->id;
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** How the customer is reached. */
    public function contact(): string
    {
        return $this->contact;
    }

    /** What tells two people of one name apart, without reading a whole number out: `number ending 482`. */
    public function toldBy(): string
    {
        $figures = (string) preg_replace('~\D+~', '', $this->contact);

        return match (true) {
            '' === $this->contact => 'no number known',
            \strlen($figures) >= 6 => 'number ending '.substr($figures, -3),
            default => "reached at $this->contact",
        };
    }

    /** Keeps how the customer is reached now. */
    public function reachAt(string $contact): void
    {
        $this->contact = $contact;
    }
}
