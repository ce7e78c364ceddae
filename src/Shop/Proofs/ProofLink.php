<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Post\LetterRun;

/**
 * A way to one proof without signing in. Only a hash of its token is kept, so that nobody who
 * reads the database can follow it.
 */
#[ORM\Entity]
#[ORM\Index(name: 'link_by_letter', columns: ['letter_state'])]
class ProofLink
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $withdrawnAt = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $openedAt = null;

    #[ORM\Embedded]
    private LetterRun $letter;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private ProofPage $proof,
        #[ORM\Column(length: 64, unique: true)]
        private string $tokenHash,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
        #[ORM\Column]
        private \DateTimeImmutable $expiresAt,
        #[ORM\Column(length: 200)]
        private string $sentTo,
    ) {
        $this->letter = '' === $sentTo ? new LetterRun() : LetterRun::written($madeAt);
    }

    /** The hash a token is kept by. */
    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** The proof it belongs to. */
    public function proof(): ProofPage
    {
        return $this->proof;
    }

    /** The hash of its token. */
    public function tokenHash(): string
    {
        return $this->tokenHash;
    }

    /** When it was made. */
    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** When it stops working. */
    public function expiresAt(): \DateTimeImmutable
    {
        return $this->expiresAt;
    }

    /** Where it was sent; empty where it was only copied. */
    public function sentTo(): string
    {
        return $this->sentTo;
    }

    /** What became of the letter it was sent by. */
    public function letter(): LetterRun
    {
        return $this->letter;
    }

    /** When it was first opened; none where it never was. */
    public function openedAt(): ?\DateTimeImmutable
    {
        return $this->openedAt;
    }

    /** Whether it still shows its proof. */
    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->withdrawnAt && $now < $this->expiresAt;
    }

    /** Whether it was withdrawn. */
    public function isWithdrawn(): bool
    {
        return null !== $this->withdrawnAt;
    }

    /** Withdraws it. */
    public function withdraw(\DateTimeImmutable $now): void
    {
        $this->withdrawnAt ??= $now;
    }

    /** Keeps when it was first opened. */
    public function seen(\DateTimeImmutable $now): void
    {
        $this->openedAt ??= $now;
    }
}
