<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Object\SurfaceKind;

/** An object as it looks, its photo made square to its frame laid flat: never changed, and kept with its orders. */
#[ORM\Entity]
class ObjectPhoto
{
    /** @param resource|string $jpeg */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)] private string $name,
        #[ORM\Column(length: 12)] private string $surface,
        #[ORM\Column(length: 7)] private string $colour,
        #[ORM\Column(type: 'blob', length: 16777215)] private mixed $jpeg,
        #[ORM\Column] private \DateTimeImmutable $takenAt,
    ) {
    }

    /** What it is found by. */
    public function name(): string
    {
        return $this->name;
    }

    /** The shape it was laid on. */
    public function kind(): SurfaceKind
    {
        return SurfaceKind::from($this->surface);
    }

    /** The colour most of the object has, #rrggbb. */
    public function colour(): string
    {
        return $this->colour;
    }

    /** When it was taken in. */
    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    /** The picture as JPEG: all of it is the object's frame laid flat. */
    public function jpeg(): string
    {
        if (\is_resource($this->jpeg)) {
            rewind($this->jpeg);

            return (string) stream_get_contents($this->jpeg);
        }

        return \is_string($this->jpeg) ? $this->jpeg : '';
    }
}
