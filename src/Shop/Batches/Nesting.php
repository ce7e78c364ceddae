<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Stock\FilmOnShelf;

/** Pieces of one film that somebody wants laid out, and the plans made of them side by side. */
#[ORM\Entity]
class Nesting
{
    public const NO_BOXES = 'none';
    public const BOX_A_PIECE = 'piece';
    public const BOX_AN_ORDER = 'order';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /** When somebody last looked at it: what nobody looks at any more is not worked on for long. */
    #[ORM\Column]
    private \DateTimeImmutable $seenAt;

    /** @var Collection<int, NestPlan> */
    #[ORM\OneToMany(targetEntity: NestPlan::class, mappedBy: 'nesting', cascade: ['persist'])]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $plans;

    /**
     * @param array<int, int> $pieces  the version each was chosen at, by its id
     * @param list<int>       $split   pieces that are cut in parts where there is much empty film
     * @param string          $boxes   weed boxes: none, one a piece, one an order
     * @param int|null        $stock   the only stock to cut from
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private FilmOnShelf $film,
        #[ORM\Column(type: 'json')]
        private array $pieces,
        #[ORM\Column(type: 'json')]
        private array $split,
        #[ORM\Column(length: 10)]
        private string $boxes,
        #[ORM\Column(nullable: true)]
        private ?int $stock,
        #[ORM\Column(length: 80)]
        private string $madeBy,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
        /** The last movement on the shelf it knows of. */
        #[ORM\Column]
        private int $movement,
        int $seconds,
    ) {
        $this->seenAt = $madeAt;
        $this->plans = new ArrayCollection();
        foreach (PlanKind::cases() as $kind) {
            $this->plans->add(new NestPlan($this, $kind, $seconds));
        }
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** The film it is cut from. */
    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    /** @return array<int, int> */
    public function pieces(): array
    {
        return $this->pieces;
    }

    /** @return list<int> */
    public function split(): array
    {
        return $this->split;
    }

    /** Weed boxes: none, piece or order. */
    public function boxes(): string
    {
        return $this->boxes;
    }

    /** The number of the only stock to cut from; none for all. */
    public function stock(): ?int
    {
        return $this->stock;
    }

    /** Who asked for it. */
    public function madeBy(): string
    {
        return $this->madeBy;
    }

    /** When it was made. */
    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** The newest movement on the shelf it was made on. */
    public function movement(): int
    {
        return $this->movement;
    }

    /** When somebody last looked at it. */
    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    /** Is any of its plans still worked on? */
    public function isUnderWay(): bool
    {
        foreach ($this->plans as $plan) {
            if ($plan->state()->isUnderWay()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<NestPlan> */
    public function plans(): array
    {
        return array_values($this->plans->toArray());
    }
}
