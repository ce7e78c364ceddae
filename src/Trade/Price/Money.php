<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** An amount of the shop's currency in whole minor units: cents, pence. Never a fraction of one. */
final readonly class Money
{
    private function __construct(public int $minor)
    {
    }

    /** @param int $minor hundredths of the currency */
    public static function minor(int $minor): self
    {
        return new self($minor);
    }

    /** Rounded to the next minor unit, halves away from nothing. @param float $major in the currency itself */
    public static function of(float $major): self
    {
        return new self((int) round(100 * $major));
    }

    /** Nothing. */
    public static function none(): self
    {
        return new self(0);
    }

    /** @param list<self> $all */
    public static function sum(array $all): self
    {
        return new self(array_sum(array_map(static fn (self $one): int => $one->minor, $all)));
    }

    /** Both together. */
    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor);
    }

    /** What is left of it; less than nothing where that is more. */
    public function less(self $other): self
    {
        return new self($this->minor - $other->minor);
    }

    /**
     * A share of it, %.
     *
     * @param float $percent per cent
     */
    public function share(float $percent): self
    {
        return new self((int) round(($this->minor * $percent) / 100));
    }

    /** What of an amount is tax that is in it already. @param float $percent of the amount without it */
    public function taxIn(float $percent): self
    {
        return $this->share((100 * $percent) / (100 + $percent));
    }

    /** The next whole multiple of an amount, not less than it. */
    public function roundedUpTo(self $step): self
    {
        return $step->minor < 2 ? $this : new self($step->minor * (int) ceil($this->minor / $step->minor));
    }

    /** In the currency itself, for showing. */
    public function major(): float
    {
        return $this->minor / 100;
    }

    /** Plain figures: 12.50. */
    public function plain(): string
    {
        return number_format($this->minor / 100, 2, '.', ' ');
    }
}
