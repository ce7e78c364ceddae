<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Learn\Outcome;

/** What came of a piece each time it was cut: weeded whole, or back to be cut again, and what was lost with it. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['piece', 'nth'])]
#[ORM\Index(name: 'outcome_back', columns: ['came_back', 'at'])]
class CutOutcome
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column]
    private int $piece;

    /** How often it had been cut before. */
    #[ORM\Column]
    private int $nth;

    /** The number of the batch it was cut in; none where that is not known. */
    #[ORM\Column(nullable: true)]
    private ?int $batch;

    #[ORM\Column(length: 12)]
    private Film $film;

    /** The number of the film it was cut from. */
    #[ORM\Column]
    private int $filmNumber;

    #[ORM\Column(length: 10)]
    private Usage $useOf;

    #[ORM\Column(length: 60)]
    private string $face;

    #[ORM\Column(name: 'came_back')]
    private bool $cameBack = false;

    #[ORM\Column(length: 300)]
    private string $because = '';

    /** Minutes of hands that were lost with it. */
    #[ORM\Column]
    private float $minutes = 0;

    /**
     * @param float $smallest mm, its smallest part
     * @param float $area     mm², its box
     */
    public function __construct(
        Piece $piece,
        #[ORM\Column] private float $smallest,
        #[ORM\Column] private float $area,
        #[ORM\Column] private \DateTimeImmutable $at,
    ) {
        [$this->piece, $this->nth] = [$piece->id(), $piece->recuts()];
        [$this->film, $this->filmNumber] = [$piece->film()->grade(), $piece->film()->id()];
        $this->useOf = $piece->item()->useOf();
        $this->face = '' === $piece->proof()->frozen()->drawing ? $piece->proof()->face() : '';
        $this->batch = $piece->batch();
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Its piece has to be cut again. @param float $minutes of hands that are lost */
    public function comesBack(string $because, float $minutes, \DateTimeImmutable $at): void
    {
        [$this->cameBack, $this->minutes, $this->at] = [true, $minutes, $at];
        $this->because = mb_substr($because, 0, 300);
    }

    /** The number of the batch it was cut in; none where that is not known. */
    public function batch(): ?int
    {
        return $this->batch;
    }

    /** Why it came back; empty where it did not. */
    public function because(): string
    {
        return $this->because;
    }

    /** The number of the film it was cut from. */
    public function filmNumber(): int
    {
        return $this->filmNumber;
    }

    /** Of its box, mm². */
    public function area(): float
    {
        return $this->area;
    }

    /** Of hands that were lost with it. */
    public function minutes(): float
    {
        return $this->minutes;
    }

    /** When it was weeded, or came back. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** As it is learned from. */
    public function outcome(): Outcome
    {
        return new Outcome($this->film, $this->useOf, $this->smallest, $this->face, $this->cameBack);
    }
}
