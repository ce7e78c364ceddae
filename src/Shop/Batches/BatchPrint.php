<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\Mapping as ORM;

/** That a sheet was printed, and the clear coats on the print. */
#[ORM\Embeddable]
final class BatchPrint
{
    /**
     * @param \DateTimeImmutable|null $printedAt none of film that is cut alone
     * @param int                     $coats     how many clear coats are on it
     * @param \DateTimeImmutable|null $coatedAt  when the last of them was laid on
     */
    public function __construct(
        #[ORM\Column(nullable: true)] private ?\DateTimeImmutable $printedAt = null,
        #[ORM\Column] private int $coats = 0,
        #[ORM\Column(nullable: true)] private ?\DateTimeImmutable $coatedAt = null,
    ) {
    }

    /** When it was printed; none where it was not. */
    public function printedAt(): ?\DateTimeImmutable
    {
        return $this->printedAt;
    }

    /** How many clear coats are on the print. */
    public function coats(): int
    {
        return $this->coats;
    }

    /** When the last coat was laid on; none where there is none. */
    public function coatedAt(): ?\DateTimeImmutable
    {
        return $this->coatedAt;
    }

    /** With one more clear coat. */
    public function coated(\DateTimeImmutable $at): self
    {
        return new self($this->printedAt, 1 + $this->coats, $at);
    }
}
