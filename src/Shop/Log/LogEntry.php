<?php

declare(strict_types=1);

namespace Yelbo\Shop\Log;

use Doctrine\ORM\Mapping as ORM;

/** One line of the book. It is written once; the database refuses to change or drop it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['docket', 'id'])]
class LogEntry
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(type: 'bigint')]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 80)]
        private string $who,
        #[ORM\Column(nullable: true)]
        private ?int $docket,
        #[ORM\Column(nullable: true)]
        private ?int $piece,
        #[ORM\Column(length: 40)]
        private string $what,
        #[ORM\Column(length: 500)]
        private string $says,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function who(): string
    {
        return $this->who;
    }

    public function docket(): ?int
    {
        return $this->docket;
    }

    public function piece(): ?int
    {
        return $this->piece;
    }

    public function what(): string
    {
        return $this->what;
    }

    public function says(): string
    {
        return $this->says;
    }
}
