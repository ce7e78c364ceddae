<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Measure\Units;

/** The answers at Ask as they were typed: every one a text, none of them judged yet. Lengths in either system. */
final readonly class Answers
{
    /** @param list<KeepOutAnswer> $keepOuts */
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
        public string $material = '',
        public string $innerWidth = '',
        public string $innerHeight = '',
        public string $sides = '',
        public string $circumference = '',
        public string $diameter = '',
        public string $upper = '',
        public string $lower = '',
        public string $slant = '',
        public string $wideEnd = 'top',
        public string $seen = '',
        public string $panes = '',
        public string $readFrom = '',
        public string $outline = '',
        public string $roster = '',
        public string $side = 'outside',
        public string $dishwasher = '',
        public array $keepOuts = [],
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
        unset($known['keepOuts']);
        $parts = array_filter(\is_array($kept['keepOuts'] ?? null) ? $kept['keepOuts'] : [], is_array(...));

        return new self(...$known, keepOuts: array_values(array_map(KeepOutAnswer::from(...), $parts)));
    }

    /** @return list<string> the words of all decals, letter for letter */
    public function asked(): array
    {
        return TypedWords::lines('' === trim($this->roster) ? $this->words : str_replace('|', "\n", $this->roster));
    }

    /** What was typed for a length of the object. */
    public function length(string $name): string
    {
        $typed = get_object_vars($this)[$name] ?? '';

        return \is_string($typed) ? $typed : '';
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['keepOuts' => array_map(get_object_vars(...), $this->keepOuts)] + get_object_vars($this);
    }
}
