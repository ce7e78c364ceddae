<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\Mapping as ORM;

/** What is known of the cut of a batch: the job at the cutter, how far it is, and what went wrong last. */
#[ORM\Embeddable]
final class CutRun
{
    /** The cutter’s name for the job under way. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $job = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $startedAt = null;

    #[ORM\Column]
    private bool $begun = false;

    #[ORM\Column]
    private float $progress = 0;

    #[ORM\Column(length: 300, nullable: true)]
    private ?string $trouble = null;

    #[ORM\Column]
    private bool $ruined = false;

    /** The cutter’s name for the job under way; none where there is none. */
    public function job(): ?string
    {
        return $this->job;
    }

    /** How far the cutter is, from 0 to 1. */
    public function progress(): float
    {
        return $this->progress;
    }

    /** What went wrong last, in words. */
    public function trouble(): ?string
    {
        return $this->trouble;
    }

    /** The film was cut into and no batch came of it: it needs other film. */
    public function isRuined(): bool
    {
        return $this->ruined;
    }

    /** When the job was given to the cutter. */
    public function startedAt(): ?\DateTimeImmutable
    {
        return $this->startedAt;
    }

    /** Whether the cutter has said that it began the job. */
    public function hasBegun(): bool
    {
        return $this->begun;
    }

    /** It is given to the cutter. */
    public function start(string $job, \DateTimeImmutable $at): void
    {
        $this->job = $job;
        $this->startedAt = $at;
        $this->begun = false;
        $this->progress = 0;
        $this->trouble = null;
        $this->ruined = false;
    }

    /** The cutter said that it began. */
    public function began(): void
    {
        $this->begun = true;
    }

    /** The cutter never began: the film is as it was. */
    public function notBegun(string $why): void
    {
        $this->job = null;
        $this->trouble = mb_substr($why, 0, 300);
    }

    /** Keeps how far the cutter is, from 0 to 1. */
    public function progressed(float $share): void
    {
        $this->progress = max(0.0, min(1.0, $share));
    }

    /** The cutter is done with it. */
    public function finished(): void
    {
        $this->progress = 1;
        $this->job = null;
    }

    /** The cutter did not get to its end: the film is spoiled. */
    public function stopped(string $trouble): void
    {
        $this->job = null;
        $this->progress = 0;
        $this->trouble = mb_substr($trouble, 0, 300);
        $this->ruined = true;
    }
}
