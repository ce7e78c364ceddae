<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Trade\Measure\Units;

/** What was typed of an object: every answer a text, none of them judged yet. Lengths in either system. */
final readonly class ObjectAnswers
{
    /** @param list<TypedKeepOut> $keepOuts */
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
            static fn (array|TypedKeepOut $part): TypedKeepOut => $part instanceof TypedKeepOut ? $part : TypedKeepOut::fromKept($part),
            array_filter($parts, static fn (mixed $part): bool => \is_array($part) || $part instanceof TypedKeepOut),
        )));
    }

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
