<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\ProofPage;

/** What a customer wants changed, pinned to a spot on the drawing where it was pinned. */
#[ORM\Entity]
class ChangeRequest
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(name: 'spot_x', nullable: true)]
    private ?int $x;
    #[ORM\Column(name: 'spot_y', nullable: true)]
    private ?int $y;

    /** @param array{int, int}|null $spot what it is pinned to, µm in the object's frame */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private ProofPage $proof,
        #[ORM\Column(name: 'said_by', length: 80)]
        private string $by,
        #[ORM\Column(length: 1000)]
        private string $note,
        ?array $spot,
        #[ORM\Column(name: 'said_at')]
        private \DateTimeImmutable $at,
    ) {
        [$this->x, $this->y] = $spot ?? [null, null];
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

    /** Who asked for it. */
    public function by(): string
    {
        return $this->by;
    }

    /** What should be different. */
    public function note(): string
    {
        return $this->note;
    }

    /** @return array{int, int}|null µm in the object's frame */
    public function spot(): ?array
    {
        return null === $this->x || null === $this->y ? null : [$this->x, $this->y];
    }

    /** When it happened. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}
