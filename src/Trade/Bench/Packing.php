<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What goes into the parcel, and what the care card says. Source: handbook section 13. */
final readonly class Packing
{
    public function __construct(private Rules $rules)
    {
    }

    /**
     * @param string $object what the decals are on
     * @param int    $decals how many lie in it, each on a tape of its own
     * @param int    $films  how many films they are of
     *
     * @return list<string>
     */
    public function contents(string $object, bool $appliedHere, int $decals = 1, int $films = 1): array
    {
        return $appliedHere
            ? ["The {$this->small($object)} with its decal, cork or foam between", 'Care card']
            : [
                1 === $decals
                    ? 'Decal on its tape and liner, flat in card'
                    : "$decals decals, each on its tape and liner, flat in card",
                1 === $films ? 'A test scrap of the same film' : "A test scrap of each of the $films films",
                "Printed steps for this {$this->small($object)}",
                'Care card',
            ];
    }

    /**
     * What this film, this object and this use will stand, and nothing that does not concern them.
     *
     * @param string $life      for how long the film is good, as a sentence
     * @param bool   $rested    it has rested here before it is handed over
     * @param bool   $drunkFrom whether lips touch the object
     *
     * @return list<string>
     */
    public function care(string $life, bool $rested, Film $film, Usage $use, bool $drunkFrom): array
    {
        $hours = (int) $this->rules->value(Rule::AdhesiveCure);
        $wash = Usage::Washed === $use ? ' or washing' : '';

        return array_values(
            array_filter([
                $life,
                match (true) {
                    Film::Cling === $film => 'It may be used at once: it holds without glue and can be moved.',
                    $rested => "It has rested its $hours h: it may be used".('' === $wash ? '.' : ' and washed.'),
                    default => "Wait $hours h after applying before use$wash.",
                },
                match ($use) {
                    Usage::Washed => 'Hand wash, not the dishwasher, no scrubbing.',
                    Usage::Vehicle => 'Wash it by hand: no brushes, no jet at its edges.',
                    Usage::Outdoor => 'Wipe it with a soft cloth, no jet at its edges.',
                    Usage::Indoor => 'Wipe it with a soft cloth, no scrubbing.',
                },
                match (true) {
                    $drunkFrom => 'Not where lips touch.',
                    Usage::Washed === $use => 'Not where food touches.',
                    default => null,
                },
            ]),
        );
    }

    private function small(string $object): string
    {
        return mb_strtolower(mb_substr($object, 0, 1)).mb_substr($object, 1);
    }
}
