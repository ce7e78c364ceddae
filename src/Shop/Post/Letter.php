<?php

declare(strict_types=1);

namespace Yelbo\Shop\Post;

use Doctrine\ORM\Mapping as ORM;

/** A letter the simulated post has taken: what would have been sent. */
#[ORM\Entity(readOnly: true)]
class Letter
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column]
        private \DateTimeImmutable $takenAt,
        #[ORM\Column(length: 200)]
        private string $sender,
        #[ORM\Column(length: 200)]
        private string $receiver,
        #[ORM\Column(length: 300)]
        private string $subject,
        #[ORM\Column(type: 'text')]
        private string $body,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** When the post took it. */
    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    /** The address it comes from. */
    public function sender(): string
    {
        return $this->sender;
    }

    /** The address it goes to. */
    public function receiver(): string
    {
        return $this->receiver;
    }

    /** Its subject. */
    public function subject(): string
    {
        return $this->subject;
    }

    /** Its text, sealed; see `Outbox::text()`. */
    public function body(): string
    {
        return $this->body;
    }
}
