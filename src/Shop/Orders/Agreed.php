<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\UseOf;

/** The answers once they have been read and make sense. */
final readonly class Agreed
{
    /**
     * @param list<string>       $words
     * @param list<list<string>> $roster
     */
    public function __construct(
        public string $customer,
        public string $contact,
        public array $words,
        public Thing $thing,
        public UseOf $useOf,
        public FilmOnShelf $film,
        public int $quantity,
        public \DateTimeImmutable $neededAt,
        public bool $appliedHere,
        public string $note,
        public array $roster = [],
    ) {
    }
}
