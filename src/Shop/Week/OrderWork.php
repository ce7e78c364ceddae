<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

/** What is left to do of an order, from where it stands. */
final readonly class OrderWork
{
    /**
     * @param string                  $label    what people call it
     * @param \DateTimeImmutable|null $due      when it is used; none where nobody said
     * @param \DateTimeImmutable|null $begins   nothing can be done before; none where it can
     * @param string                  $because  why nothing can; empty where it can
     * @param list<OrderStep>         $steps    in order
     */
    public function __construct(
        public int $docket,
        public string $tag,
        public string $label,
        public string $customer,
        public ?\DateTimeImmutable $due,
        public ?\DateTimeImmutable $begins,
        public string $because,
        public array $steps,
    ) {
    }
}
