<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Measure\Units;

/** The answers at Ask as they were typed: every one a text, none of them judged yet. */
final readonly class Answers
{
    public function __construct(
        public string $customer = '',
        public string $contact = '',
        public string $words = '',
        public string $object = '',
        public string $surface = Thing::RECTANGLE,
        public string $width = '',
        public string $height = '',
        public string $corner = '',
        public string $useOf = 'indoor',
        public string $film = '',
        public string $quantity = '1',
        public string $neededOn = '',
        public string $appliedBy = 'shop',
        public string $note = '',
        public string $units = 'metric',
    ) {
    }

    public function units(): Units
    {
        return Units::tryFrom($this->units) ?? Units::Metric;
    }

    /** @param array<string, mixed> $kept */
    public static function from(array $kept): self
    {
        $known = array_intersect_key(array_filter($kept, is_string(...)), get_object_vars(new self()));

        return new self(...$known);
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return array_map(strval(...), get_object_vars($this));
    }
}
