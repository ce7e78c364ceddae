<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\Mapping as ORM;

/**
 * One of the shop's own objects: the answers that describe it, as they were typed. An order
 * copies them; changing the object changes no order.
 */
#[ORM\Entity]
class KnownObject
{
    /** The answers at Ask that belong to an object. */
    public const ANSWERS = ['surface', 'width', 'height', 'corner', 'material', 'innerWidth', 'innerHeight', 'sides', 'circumference', 'diameter',
        'upper', 'lower', 'slant', 'wideEnd', 'seen', 'panes', 'readFrom', 'outline', 'units', 'keepOuts'];

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** @var resource|string|null a small JPEG */
    #[ORM\Column(type: 'blob', length: 16777215, nullable: true)]
    private mixed $picture = null;

    /** @param array<string, mixed> $answers */
    public function __construct(
        #[ORM\Column(length: 80, unique: true)]
        private string $name,
        #[ORM\Column(type: 'json')]
        private array $answers,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return array<string, mixed> */
    public function answers(): array
    {
        return $this->answers;
    }

    public function picture(): ?string
    {
        if (\is_resource($this->picture)) {
            rewind($this->picture);

            return (string) stream_get_contents($this->picture);
        }

        return \is_string($this->picture) ? $this->picture : null;
    }

    /** @param array<string, mixed> $answers */
    public function measure(string $name, array $answers): void
    {
        $this->name = $name;
        $this->answers = $answers;
    }

    public function depict(?string $jpeg): void
    {
        $this->picture = $jpeg;
    }
}
