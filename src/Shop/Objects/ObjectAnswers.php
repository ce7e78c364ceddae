<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Shop\Input\Flat;
use Yelbo\Shop\Objects\Typed\TypedRectangle;
use Yelbo\Shop\Objects\Typed\TypedSurface;
use Yelbo\Shop\Objects\Typed\TypedUnknown;
use Yelbo\Trade\Measure\Units;

/** What was typed of an object: every answer a text, none of them judged yet. Lengths in either system. */
final readonly class ObjectAnswers implements \JsonSerializable
{
    /**
     * @param string $object what it goes on
     * @param string $units which system is shown first
     * @param string $material what the object is made of
     * @param string $side inside where it is stuck inside a window and read from outside
     * @param string $allowance how much room to the edge: close, usual, airy, or edge for none
     * @param string $colour the colour of it as #rrggbb; empty where nobody said
     * @param string $photo the name of the photo laid on it; empty where there is none
     * @param string $paintedOn of what is painted the day of its last coat, 2026-11-27; empty where nobody said
     * @param TypedSurface $surface what is measured of it, by the kind of its surface
     * @param list<TypedKeepOut> $keepOuts what is kept clear as path data, mm
     */
    public function __construct(
        public string $object = '',
        public string $units = 'metric',
        public string $material = '',
        public string $side = 'outside',
        public string $allowance = 'usual',
        public string $colour = '',
        public string $photo = '',
        public string $paintedOn = '',
        #[Flat(by: 'surface')]
        public TypedSurface $surface = new TypedRectangle(),
        public array $keepOuts = [],
    ) {
    }

    /**
     * Answers as they were kept; what is not about the object, or about another kind of surface, is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        $typed = array_filter($kept, is_string(...));
        $kind = $typed['surface'] ?? TypedRectangle::KIND;
        $class = TypedSurface::KINDS[$kind] ?? null;
        $parts = \is_array($kept['keepOuts'] ?? null) ? $kept['keepOuts'] : [];
        $own = array_intersect_key($typed, get_object_vars(new self()));
        unset($own['surface']);

        return new self(
            ...$own,
            surface: null === $class
                ? new TypedUnknown($kind)
                : new $class(...array_intersect_key($typed, (new $class())->toArray())),
            keepOuts: array_values(array_map(
                static fn (array|TypedKeepOut $part): TypedKeepOut => $part instanceof TypedKeepOut
                    ? $part
                    : TypedKeepOut::fromKept($part),
                array_filter(
                    $parts,
                    static fn (mixed $part): bool => \is_array($part) || $part instanceof TypedKeepOut,
                ),
            )),
        );
    }

    /** The system a bare number is read in. */
    public function units(): Units
    {
        return Units::tryFrom($this->units) ?? Units::Metric;
    }

    /** What was typed for one of the measures, by its name; empty for one that is not asked of its surface. */
    public function measure(string $name): string
    {
        return $this->surface->measure($name);
    }

    /** @return array<string, mixed> to be kept, and to be sent: side by side, with the kind of its surface */
    public function toArray(): array
    {
        return [
            'surface' => $this->surface->kind(),
            'keepOuts' => array_map(get_object_vars(...), $this->keepOuts),
        ] + $this->surface->toArray() + get_object_vars($this);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
