<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Orders\Thing;

/** Something that waits on the drying shelf: a coat, a thing that rests, or a print. */
final readonly class Drying
{
    /**
     * @param Thing|Batch             $what  a thing, or a sheet that was printed
     * @param \DateTimeImmutable|null $until when it is dry or has rested; none where it waits for hands, not for time
     * @param string                  $next  what is done with it then, in a few words
     * @param \DateTimeImmutable|null $by    when that has to be done at the latest; none where nobody said when it is
     *     used
     * @param bool                    $isCoat whether that is a coat, or a rest that is over: done from the shelf
     */
    public function __construct(
        public Thing|Batch $what,
        public ?\DateTimeImmutable $until,
        public string $next,
        public ?\DateTimeImmutable $by,
        public bool $isCoat,
    ) {
    }

    /** Can it be gone on with? */
    public function isDry(\DateTimeImmutable $now): bool
    {
        return null === $this->until || $this->until <= $now;
    }

    /** Can what is next not be done in time any more? */
    public function isLate(\DateTimeImmutable $now): bool
    {
        return null !== $this->by && $this->by < max($now, $this->until ?? $now);
    }
}
