<?php

declare(strict_types=1);

namespace Yelbo\Shop\Post;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Device\Post\Seal;

/** What the simulated post has taken. */
final readonly class Outbox
{
    public function __construct(private EntityManagerInterface $records, private Seal $seal)
    {
    }

    /** The text of a letter; those from before they were sealed are read as they are. */
    public function text(Letter $letter): string
    {
        return $this->seal->open($letter->body()) ??
            (1 === preg_match('~^[A-Za-z0-9+/=]*$~D', $letter->body())
                ? 'This letter was sealed with another secret than this shop’s.'
                : $letter->body());
    }

    /** @return list<Letter> the newest first */
    public function newest(int $most = 100): array
    {
        return $this->records->getRepository(Letter::class)->findBy([], ['id' => 'DESC'], $most);
    }
}
