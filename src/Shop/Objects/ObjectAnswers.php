<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Trade\Measure\Units;

/** What was typed of an object: every answer a text, none of them judged yet. Lengths in either system. */
final readonly class ObjectAnswers
{
    /**
     * @param list<TypedKeepOut> $keepOuts what is kept clear as path data, mm
     * @param string $object what it goes on
     * @param string $surface which shape of surface
     * @param string $width from left to right, as typed with its unit
     * @param string $height from top to bottom, as typed with its unit
     * @param string $corner the radius of its corners
     * @param string $units which system is shown first
     * @param string $material what the object is made of
     * @param string $innerWidth the width inside
     * @param string $innerHeight the height inside
     * @param string $sides how many sides or facets
     * @param string $circumference the way round
     * @param string $diameter across the round
     * @param string $upper the way round at the upper edge
     * @param string $lower the way round at the lower edge
     * @param string $slant the height along the wall
     * @param string $wideEnd which end is wider
     * @param string $seen how many degrees of it are seen from the front, as typed; 360 for a wrap, empty for the usual
     * @param string $panes how many panes or facets in a row are covered
     * @param string $readFrom from how many metres it has to be read, as typed
     * @param string $outline the traced outline as path data, mm
     * @param string $side inside where it is stuck inside a window and read from outside
     * @param string $lip none where nobody drinks from it, whatever it is called
     * @param string $colour the colour of it as #rrggbb; empty where nobody said
     * @param string $photo the name of the photo laid on it; empty where there is none
     * @param string $paintedOn of what is painted the day of its last coat, 2026-11-27; empty where nobody said
     * @param string $allowance how much room to the edge: close, usual, airy, or edge for none
     */
    public function __construct(
        public string $object = '',
        public string $surface = MeasuredObject::RECTANGLE,
        public string $width = '',
        public string $height = '',
        public string $corner = '',
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
        public string $side = 'outside',
        public string $lip = '',
        public string $allowance = 'usual',
        public string $colour = '',
        public string $photo = '',
        public string $paintedOn = '',
        public array $keepOuts = [],
    ) {
    }

    /**
     * Answers as they were kept; what is not about the object is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        $known = array_intersect_key(array_filter($kept, is_string(...)), get_object_vars(new self()));
        unset($known['keepOuts']);
        $parts = \is_array($kept['keepOuts'] ?? null) ? $kept['keepOuts'] : [];

        return new self(...$known, keepOuts: array_values(array_map(
            static fn (array|TypedKeepOut $part): TypedKeepOut => $part instanceof TypedKeepOut
                ? $part
                : TypedKeepOut::fromKept($part),
            array_filter($parts, static fn (mixed $part): bool => \is_array($part) || $part instanceof TypedKeepOut),
        )));
    }

    /** The system a bare number is read in. */
    public function units(): Units
    {
        return Units::tryFrom($this->units) ?? Units::Metric;
    }

    /** What was typed for one of the measures, by its name; empty for one the object does not have. */
    public function measure(string $name): string
    {
        $typed = get_object_vars($this)[$name] ?? '';

        return \is_string($typed) ? $typed : '';
    }

    /** @return array<string, mixed> to be kept */
    public function toArray(): array
    {
        return ['keepOuts' => array_map(get_object_vars(...), $this->keepOuts)] + get_object_vars($this);
    }
}
