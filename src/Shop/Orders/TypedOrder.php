<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Measure\TypedDay;
use Yelbo\Trade\Plan\Handover;

/** An order as it was typed at Ask: what is said once for all of it, and its items; none of it judged yet. */
final readonly class TypedOrder
{
    /**
     * @param Answers       $first  what is said once, and of the first item
     * @param list<Answers> $others of its other items
     */
    public function __construct(public Answers $first, public array $others = [])
    {
    }

    /** @param non-empty-list<Answers> $items */
    public static function of(array $items): self
    {
        return new self($items[0], \array_slice($items, 1));
    }

    /** @return non-empty-list<Answers> */
    public function items(): array
    {
        return [$this->first, ...$this->others];
    }

    /** How it comes to the customer, as far as that was said. */
    public function delivery(): Handover
    {
        return Handover::tryFrom($this->first->delivery) ?? Handover::Collected;
    }

    /** The day it is needed, at midnight; none where what was typed is no day. */
    public function neededOn(?\DateTimeZone $zone = null): ?\DateTimeImmutable
    {
        return TypedDay::read($this->first->neededOn, $zone);
    }
}
