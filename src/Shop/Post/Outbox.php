<?php

declare(strict_types=1);

namespace Yelbo\Shop\Post;

use Doctrine\ORM\EntityManagerInterface;

/** What the simulated post has taken. */
final readonly class Outbox
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @return list<Letter> the newest first */
    public function newest(int $most = 100): array
    {
        return $this->records->getRepository(Letter::class)->findBy([], ['id' => 'DESC'], $most);
    }
}
