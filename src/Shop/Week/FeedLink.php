<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\People\Worker;

/**
 * A way for somebody's own calendar to read their part of the week. Only a hash of its token is kept, so that nobody
 * who reads the database can follow it.
 */
#[ORM\Entity]
class FeedLink
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    public function __construct(
        #[ORM\OneToOne, ORM\JoinColumn(nullable: false)] private Worker $who,
        #[ORM\Column(length: 64, unique: true)] private string $tokenHash,
        #[ORM\Column] private \DateTimeImmutable $madeAt,
    ) {
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

    /** Whose part of the week it shows. */
    public function who(): Worker
    {
        return $this->who;
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
}
