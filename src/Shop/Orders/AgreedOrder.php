<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** The answers once they have been read and make sense: those asked once, and those of each thing. */
final readonly class AgreedOrder
{
    /**
     * @param non-empty-list<AgreedItem> $items
     * @param Customer|null              $known who ordered before; none for somebody new
     */
    public function __construct(
        public string $customer,
        public string $contact,
        public \DateTimeImmutable $neededAt,
        public string $note,
        public array $items,
        public ?Customer $known = null,
    ) {
    }
}
