<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What goes into the parcel, and what the care card says. Source: handbook section 13. */
final readonly class Packing
{
    public function __construct(private Rules $rules)
    {
    }

    /**
     * @param string $object what the decal is on
     *
     * @return list<string>
     */
    public function contents(string $object, bool $appliedHere): array
    {
        return $appliedHere
            ? ["The {$this->small($object)} with its decal, cork or foam between", 'Care card']
            : [
                'Decal on its tape and liner, flat in card',
                'A test scrap of the same film',
                "Printed steps for this {$this->small($object)}",
                'Care card',
            ];
    }

    /**
     * @param string $life for how long the film is good, as a sentence
     *
     * @return list<string>
     */
    public function care(string $life, bool $appliedHere): array
    {
        $hours = (int) $this->rules->value(Rule::Cure);

        return [
            $life,
            $appliedHere
                ? "It has rested its $hours h: it may be used and washed."
                : "Wait $hours h after applying before use or washing.",
            'Hand wash, not the dishwasher, no scrubbing.',
            'Not where lips or food touch.',
        ];
    }

    private function small(string $object): string
    {
        return mb_strtolower(mb_substr($object, 0, 1)).mb_substr($object, 1);
    }
}
