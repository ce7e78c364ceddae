<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\ORM\Mapping as ORM;

/** Something that concerns who may do what: a sign-in good or bad, a right, a figure, a link, a backup. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(name: 'security_by_who', columns: ['what', 'who', 'at'])]
#[ORM\Index(name: 'security_by_address', columns: ['what', 'address', 'at'])]
class SecurityEvent
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(type: 'bigint')]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 20)]
        private string $what,
        #[ORM\Column(length: 80)]
        private string $who,
        #[ORM\Column(length: 45)]
        private string $address,
        #[ORM\Column(length: 300)]
        private string $says,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** When it happened. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** Its kind. */
    public function what(): string
    {
        return $this->what;
    }

    /** Who did it, or tried to; the name as it was typed. */
    public function who(): string
    {
        return $this->who;
    }

    /** From which address; empty where it was no request. */
    public function address(): string
    {
        return $this->address;
    }

    /** What happened, as a sentence. */
    public function says(): string
    {
        return $this->says;
    }
}
