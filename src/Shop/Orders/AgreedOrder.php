<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Usage;

/** The answers once they have been read and make sense. */
final readonly class AgreedOrder
{
    /**
     * @param list<string>       $words
     * @param list<list<string>> $roster
     */
    public function __construct(
        public string $customer,
        public string $contact,
        public array $words,
        public MeasuredObject $object,
        public Usage $useOf,
        public FilmOnShelf $film,
        public int $quantity,
        public \DateTimeImmutable $neededAt,
        public bool $appliedHere,
        public string $note,
        public array $roster = [],
    ) {
    }
}
