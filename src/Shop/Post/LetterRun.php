<?php

declare(strict_types=1);

namespace Yelbo\Shop\Post;

use Doctrine\ORM\Mapping as ORM;

/** What became of a letter: where it is, how often it was tried, what the post said last and when it is tried again. */
#[ORM\Embeddable]
final class LetterRun
{
    /** Minutes from one try to the next: two days in all, the first tries soon after each other. */
    private const AGAIN_AFTER = [1, 5, 15, 30, 60, 120, 240, 480, 720, 1200];
    private const LONGEST_SAYS = 300;
    /** Minutes past its time: nobody brings it any more, as after a backup was put back. */
    private const FORGOTTEN_AFTER = 60;

    #[ORM\Column(length: 10, nullable: true)]
    private ?LetterState $state = null;

    #[ORM\Column]
    private int $tries = 0;

    #[ORM\Column(length: self::LONGEST_SAYS)]
    private string $says = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $triedAt = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $nextAt = null;

    /** One that was written and waits to be taken. */
    public static function written(\DateTimeImmutable $now): self
    {
        $run = new self();
        $run->state = LetterState::Waiting;
        $run->nextAt = $now;

        return $run;
    }

    /** Where it is; none where no letter was written. */
    public function state(): ?LetterState
    {
        return $this->state;
    }

    /** How often it was brought to the post. */
    public function tries(): int
    {
        return $this->tries;
    }

    /** What the post said when it did not take it. */
    public function says(): string
    {
        return $this->says;
    }

    /** When it was tried last. */
    public function triedAt(): ?\DateTimeImmutable
    {
        return $this->triedAt;
    }

    /** When it is tried next; none where it is not tried any more. */
    public function nextAt(): ?\DateTimeImmutable
    {
        return $this->nextAt;
    }

    /** A moment that a letter which is still to be tried has to be tried after: else nobody tries it any more. */
    public static function forgottenBefore(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return $now->modify('-'.self::FORGOTTEN_AFTER.' minutes');
    }

    /** Whether it waits, and nobody brings it to the post any more. */
    public function isForgotten(\DateTimeImmutable $now): bool
    {
        return LetterState::Waiting === $this->state && $this->nextAt < self::forgottenBefore($now);
    }

    /** The post took it. */
    public function taken(\DateTimeImmutable $now): void
    {
        $this->tried($now, '', LetterState::Sent, null);
    }

    /** The post will not have it, and will not have it later either. */
    public function refused(\DateTimeImmutable $now, string $says): void
    {
        $this->tried($now, $says, LetterState::Refused, null);
    }

    /**
     * The post could not take it now.
     *
     * @return int|null seconds until it is tried again; none where it was tried for two days
     */
    public function putOff(\DateTimeImmutable $now, string $says): ?int
    {
        $minutes = self::AGAIN_AFTER[$this->tries] ?? null;
        if (null === $minutes) {
            $this->tried($now, $says, LetterState::GivenUp, null);

            return null;
        }
        $this->tried($now, $says, LetterState::Waiting, $now->modify("+$minutes minutes"));

        return 60 * $minutes;
    }

    private function tried(
        \DateTimeImmutable $now,
        string $says,
        LetterState $state,
        ?\DateTimeImmutable $nextAt,
    ): void {
        ++$this->tries;
        $this->triedAt = $now;
        $this->says = mb_substr(trim(mb_scrub($says)), 0, self::LONGEST_SAYS);
        $this->state = $state;
        $this->nextAt = $nextAt;
    }
}
