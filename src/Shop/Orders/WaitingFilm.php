<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** What waits for one film. */
final readonly class WaitingFilm
{
    /**
     * @param int                     $film   its number
     * @param int                     $pieces how many wait for it
     * @param int                     $late   how many of them will not be ready in time, as things stand now
     * @param int                     $recut  how many of them are cut again
     * @param \DateTimeImmutable|null $needed when the first of them is used; none where nobody said
     */
    public function __construct(
        public int $film,
        public int $pieces,
        public int $late,
        public int $recut,
        public ?\DateTimeImmutable $needed,
    ) {
    }

    /** This film with others that wait for it that are used later. */
    public function and(int $pieces, int $late, int $recut): self
    {
        return new self(
            $this->film,
            $this->pieces + $pieces,
            $this->late + $late,
            $this->recut + $recut,
            $this->needed,
        );
    }
}
