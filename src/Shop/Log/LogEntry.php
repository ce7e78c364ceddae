<?php

declare(strict_types=1);

namespace Yelbo\Shop\Log;

use Doctrine\ORM\Mapping as ORM;

/** One line of the book. It is written once; the database refuses to change or drop it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['docket', 'id'])]
#[ORM\Index(columns: ['who', 'id'])]
#[ORM\Index(columns: ['who', 'what', 'id'])]
#[ORM\Index(columns: ['what', 'id'])]
#[ORM\Index(columns: ['at', 'id'])]
#[ORM\Index(columns: ['says'], flags: ['fulltext'])]
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

    /** Who did it. */
    public function who(): string
    {
        return $this->who;
    }

    /** The number of the docket it happened to; none where it happened to the shop. */
    public function docket(): ?int
    {
        return $this->docket;
    }

    /** Which decal of the docket; none where it happened to the whole. */
    public function piece(): ?int
    {
        return $this->piece;
    }

    /** The short name of what happened. */
    public function what(): string
    {
        return $this->what;
    }

    /** What happened, as a sentence. */
    public function says(): string
    {
        return $this->says;
    }
}
