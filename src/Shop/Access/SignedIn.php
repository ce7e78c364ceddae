<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\People\Worker;

/** Somebody who is signed in, in one browser. */
#[ORM\Entity]
class SignedIn
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column]
    private \DateTimeImmutable $seenAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    /** @param string $session a hash of the session's id: whoever reads the records cannot sign in with it */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Worker $worker,
        #[ORM\Column(length: 64, unique: true)]
        private string $session,
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 45)]
        private string $address,
        #[ORM\Column(length: 160)]
        private string $browser,
    ) {
        $this->seenAt = $at;
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Who it is. */
    public function worker(): Worker
    {
        return $this->worker;
    }

    /** Whether it is the session of this hash. */
    public function isOf(string $session): bool
    {
        return $this->session === $session;
    }

    /** Since when. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** When something was last asked for. */
    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    /** From which address. */
    public function address(): string
    {
        return $this->address;
    }

    /** What the browser says it is. */
    public function browser(): string
    {
        return $this->browser;
    }

    /** It may not be used any more. */
    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt ??= $at;
    }
}
