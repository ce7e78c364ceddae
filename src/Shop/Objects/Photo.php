<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\Mapping as ORM;

/** A photo being traced: stripped, made small and written anew, kept for some days. */
#[ORM\Entity]
#[ORM\Index(name: 'photo_by_age', columns: ['taken_at'])]
class Photo
{
    /** @param resource|string $jpeg */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)]
        private string $name,
        #[ORM\Column(type: 'blob', length: 16777215)]
        private mixed $jpeg,
        #[ORM\Column]
        private \DateTimeImmutable $takenAt,
    ) {
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** When it was taken in. */
    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    /** The picture as JPEG. */
    public function jpeg(): string
    {
        if (\is_resource($this->jpeg)) {
            rewind($this->jpeg);

            return (string) stream_get_contents($this->jpeg);
        }

        return \is_string($this->jpeg) ? $this->jpeg : '';
    }
}
