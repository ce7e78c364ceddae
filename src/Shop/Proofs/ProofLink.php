<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Proof;

/**
 * A way to one proof without signing in. Only a hash of its token is kept, so that nobody who
 * reads the database can follow it.
 */
#[ORM\Entity]
class ProofLink
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $withdrawnAt = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $openedAt = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Proof $proof,
        #[ORM\Column(length: 64, unique: true)]
        private string $tokenHash,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
        #[ORM\Column]
        private \DateTimeImmutable $expiresAt,
        #[ORM\Column(length: 200)]
        private string $sentTo,
    ) {
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function proof(): Proof
    {
        return $this->proof;
    }

    public function tokenHash(): string
    {
        return $this->tokenHash;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function expiresAt(): \DateTimeImmutable
    {
        return $this->expiresAt;
    }

    /** Where it was sent; empty where it was only copied. */
    public function sentTo(): string
    {
        return $this->sentTo;
    }

    public function openedAt(): ?\DateTimeImmutable
    {
        return $this->openedAt;
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->withdrawnAt && $now < $this->expiresAt;
    }

    public function isWithdrawn(): bool
    {
        return null !== $this->withdrawnAt;
    }

    public function withdraw(\DateTimeImmutable $now): void
    {
        $this->withdrawnAt ??= $now;
    }

    public function seen(\DateTimeImmutable $now): void
    {
        $this->openedAt ??= $now;
    }
}
