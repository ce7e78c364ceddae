<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;

/**
 * One of the shop's own objects: the answers that describe it, as they were typed. An order
 * copies them; changing the object changes no order.
 */
#[ORM\Entity]
class KnownObject implements Versioned
{
    /** Its name is a column of its own; on which side film goes is asked with each order. */
    private const NOT_KEPT = ['object' => '', 'side' => ''];

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** @var resource|string|null a small JPEG */
    #[ORM\Column(type: 'blob', length: 16777215, nullable: true)]
    private mixed $picture = null;

    /** @var array<string, mixed> */
    #[ORM\Column(type: 'json')]
    private array $answers;

    public function __construct(
        #[ORM\Column(length: 80, unique: true)]
        private string $name,
        ObjectAnswers $answers,
    ) {
        $this->measure($name, $answers);
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Counts its changes, from 1. */
    public function version(): int
    {
        return $this->version;
    }

    public function reference(): string
    {
        return "“{$this->name}”";
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** What was answered about it. */
    public function answers(): ObjectAnswers
    {
        return ObjectAnswers::fromKept(['object' => $this->name] + $this->answers);
    }

    /** Its picture as JPEG; none where it has none. */
    public function picture(): ?string
    {
        if (\is_resource($this->picture)) {
            rewind($this->picture);

            return (string) stream_get_contents($this->picture);
        }

        return \is_string($this->picture) ? $this->picture : null;
    }

    /** Measures it anew. */
    public function measure(string $name, ObjectAnswers $answers): void
    {
        $this->name = $name;
        $this->answers = array_diff_key($answers->toArray(), self::NOT_KEPT);
    }

    /** Gives it a picture, JPEG; none takes it away. */
    public function depict(?string $jpeg): void
    {
        $this->picture = $jpeg;
    }
}
