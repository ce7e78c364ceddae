<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Learn\TimedStation;

/** What was learned of a station's minutes on a day; each is kept, the newest counts. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['station', 'who', 'id'])]
class LearnedPace
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /**
     * @param float      $times         the handbook's minutes; 1 as long as that tells better
     * @param int        $timed         pieces of work it was learned from
     * @param int        $mishaps       of them that were left out as breaks and mishaps
     * @param float|null $handbookError mean of |told − real| / real
     * @param float|null $learnedError  the same of what was learned, each told from the others only
     * @param string     $who           whose pace it is; empty for the shop's
     */
    public function __construct(
        #[ORM\Column(length: 10)] private TimedStation $station,
        #[ORM\Column] private float $times,
        #[ORM\Column] private int $timed,
        #[ORM\Column] private int $mishaps,
        #[ORM\Column(nullable: true)] private ?float $handbookError,
        #[ORM\Column(nullable: true)] private ?float $learnedError,
        #[ORM\Column] private \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 80, options: ['default' => ''])] private string $who = '',
    ) {
    }

    /** Whose pace it is; empty where it is that of the shop. */
    public function who(): string
    {
        return $this->who;
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Where. */
    public function station(): TimedStation
    {
        return $this->station;
    }

    /** So many times the handbook's minutes. */
    public function times(): float
    {
        return $this->times;
    }

    /** Pieces of work it was learned from. */
    public function timed(): int
    {
        return $this->timed;
    }

    /** Of them those left out as breaks and mishaps. */
    public function mishaps(): int
    {
        return $this->mishaps;
    }

    /** Mean of |told − real| / real by the handbook; none where nothing was timed. */
    public function handbookError(): ?float
    {
        return $this->handbookError;
    }

    /** The error of what was learned. */
    public function learnedError(): ?float
    {
        return $this->learnedError;
    }

    /** When it was learned. */
    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
