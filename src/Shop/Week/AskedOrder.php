<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Handover;

/** An order that is only asked for yet, as far as its time is concerned. */
final readonly class AskedOrder
{
    /**
     * @param non-empty-list<AskedThing> $things
     * @param int                        $filmIn   s until all its film is here; 0 where it is on the shelf
     * @param int                        $blanksIn s until all it goes on is here
     */
    public function __construct(
        public array $things,
        public Handover $delivery,
        public int $filmIn = 0,
        public int $blanksIn = 0,
    ) {
    }

    /** This order with nothing over it. */
    public function uncoated(): self
    {
        return $this->with(array_map(static fn (AskedThing $thing): AskedThing => $thing->uncoated(), $this->things));
    }

    /** This order put on by the customer. */
    public function givenAway(): self
    {
        return $this->with(array_map(static fn (AskedThing $thing): AskedThing => $thing->givenAway(), $this->things));
    }

    /** This order fetched by the customer. */
    public function collected(): self
    {
        return new self($this->things, Handover::Collected, $this->filmIn, $this->blanksIn);
    }

    /** This order made of film and blanks that are on the shelf. */
    public function fromTheShelf(): self
    {
        return new self($this->things, $this->delivery);
    }

    /** Whether something lies over one of its things. */
    public function isCoated(): bool
    {
        return $this->any(static fn (AskedThing $thing): bool => Finish::None !== $thing->finish);
    }

    /** Whether one of its things is put on here. */
    public function isAppliedHere(): bool
    {
        return $this->any(static fn (AskedThing $thing): bool => $thing->here);
    }

    /** Whether one of its things rests here before it goes out. */
    public function restsHere(): bool
    {
        return $this->any(static fn (AskedThing $thing): bool => $thing->here && !$thing->elsewhere);
    }

    /** s until the paint of all of them is cured; less than nothing where it is. */
    public function curedIn(\DateTimeImmutable $now): int
    {
        $in = array_map(
            static fn (AskedThing $thing): int => null === $thing->cured
                ? 0
                : $thing->cured->getTimestamp() - $now->getTimestamp(),
            $this->things,
        );

        return max(0, ...$in);
    }

    /** @param \Closure(AskedThing): bool $is */
    private function any(\Closure $is): bool
    {
        return [] !== array_filter($this->things, $is);
    }

    /** @param non-empty-list<AskedThing> $things */
    private function with(array $things): self
    {
        return new self($things, $this->delivery, $this->filmIn, $this->blanksIn);
    }
}
