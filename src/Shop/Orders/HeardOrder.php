<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Input\Refusals;

/** An order as it was heard: what is said once for all of it, and its items, whole or in part. */
final readonly class HeardOrder
{
    /**
     * @param array<string, string>     $wrong    of what is said once: a sentence by its field
     * @param non-empty-list<HeardItem> $items
     * @param \DateTimeImmutable|null   $neededAt when it is used; none where that was not said
     * @param Customer|null             $known    who ordered before; none for somebody new
     */
    public function __construct(
        public array $wrong,
        public array $items,
        public string $customer,
        public string $contact,
        public ?\DateTimeImmutable $neededAt,
        public string $note,
        public ?Customer $known,
    ) {
    }

    /**
     * Whole: as it is taken. What is wrong of other items than the first stands at `others.0.…`.
     *
     * @throws Refusals where something is missing or wrong
     */
    public function agreed(): AgreedOrder
    {
        $wrong = $this->wrong;
        foreach ($this->items as $nth => $item) {
            foreach ($item->wrong as $field => $says) {
                $wrong[(0 === $nth ? '' : 'others.'.($nth - 1).'.').$field] = $says;
            }
        }
        if ([] !== $wrong) {
            throw new Refusals($wrong);
        }

        return new AgreedOrder(
            $this->customer,
            $this->contact,
            $this->neededAt ?? throw new \LogicException('A wrong answer was not noted.'),
            $this->note,
            array_map(static fn (HeardItem $item): AgreedItem => $item->agreed(), $this->items),
            $this->known,
        );
    }
}
