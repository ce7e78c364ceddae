<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\TypedKeepOut;

/** The answers at Ask as they were typed: every one a text, none of them judged yet. Lengths in either system. */
final readonly class Answers
{
    /** @param list<TypedKeepOut> $keepOuts */
    public function __construct(
        public string $customer = '',
        public string $contact = '',
        public string $words = '',
        public string $object = '',
        public string $surface = MeasuredObject::RECTANGLE,
        public string $width = '',
        public string $height = '',
        public string $corner = '',
        public string $useOf = 'outdoor',
        public string $film = '',
        public string $quantity = '1',
        public string $neededOn = '',
        public string $appliedBy = 'shop',
        public string $note = '',
        public string $units = 'metric',
        public string $material = '',
        public string $innerWidth = '',
        public string $innerHeight = '',
        public string $sides = '6',
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

    /** The answers that describe the object. */
    public function object(): ObjectAnswers
    {
        return ObjectAnswers::fromKept(get_object_vars($this));
    }

    /**
     * Answers as they were kept; what no answer is called any more is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        $known = array_intersect_key(array_filter($kept, is_string(...)), get_object_vars(new self()));
        unset($known['keepOuts']);

        return new self(...$known, keepOuts: ObjectAnswers::fromKept($kept)->keepOuts);
    }

    /** @return list<string> the words of all decals, letter for letter */
    public function asked(): array
    {
        return TypedWords::lines('' === trim($this->roster) ? $this->words : str_replace('|', "\n", $this->roster));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['keepOuts' => array_map(get_object_vars(...), $this->keepOuts)] + get_object_vars($this);
    }
}
