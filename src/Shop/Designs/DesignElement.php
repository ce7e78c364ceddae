<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Pattern;

/**
 * Something that lies on an object beside, under or over its words: more words, a plain shape, a pattern, a drawing
 * that was brought. Lengths in µm, nothing means "by the rule".
 *
 * @phpstan-type Kept array<string, mixed>
 */
final readonly class DesignElement
{
    public const WORDS = 'words';
    public const SHAPE = 'shape';
    public const PATTERN = 'pattern';
    public const DRAWING = 'drawing';

    /**
     * @param string            $kind   words, shape, pattern or drawing
     * @param string            $what   which shape, or which pattern; empty for words and drawings
     * @param list<string>      $lines  of words
     * @param string            $face   of words, by its short name; the one of the item where empty
     * @param int|null          $high   the letter height; of a shape its height over all
     * @param int|null          $wide   of a shape its width over all
     * @param array{int, int}|null $inner the inside of a ring, both ways
     * @param int               $sides  of a polygon; points of a star
     * @param int|null          $pitch  of a pattern, from middle to middle
     * @param int|null          $spot   of a pattern, across what is repeated
     * @param int|null          $border of a pattern, to the object's safe edge
     * @param int|null          $gap    of a pattern, round what lies in it
     * @param list<array{offset: int, film: int}> $layers underneath it, the nearest first: widths, and films by number
     * @param int|null          $frame  of a pattern, how wide the film is that runs round it and holds it
     * @param int|null          $film   by its number on the shelf; the item's own where none is named
     * @param int|null          $left   from the object's left edge to its box; in the middle where left out
     * @param int|null          $top    from the object's top edge to its box; in the middle where left out
     * @param bool              $over   whether it lies on other films on purpose
     * @param bool              $under  whether it lies under the item's words
     * @param int|null          $art    of a drawing its number
     * @param array<string, int|null> $films of a drawing the film of each of its colours that is cut; the element's own
     *     where none is named
     * @param string            $together what is moved together has one name here; empty for what stands by itself
     */
    public function __construct(
        public string $kind,
        public string $what = '',
        public array $lines = [],
        public string $face = '',
        public ?int $high = null,
        public ?int $wide = null,
        public ?array $inner = null,
        public int $sides = 6,
        public ?int $pitch = null,
        public ?int $spot = null,
        public ?int $border = null,
        public ?int $gap = null,
        public ?int $film = null,
        public ?int $left = null,
        public ?int $top = null,
        public bool $over = false,
        public bool $under = false,
        public ?int $art = null,
        public array $films = [],
        public string $together = '',
        public ?int $frame = null,
        public array $layers = [],
    ) {
    }

    /**
     * As it was kept; what is not known any more is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        /** @var array{kind: string} $known */
        $known = array_intersect_key($kept, get_object_vars(new self(self::SHAPE)));

        return new self(...$known);
    }

    /** A plain shape, a pattern or a drawing by its name; none where nothing is called so. */
    public static function named(string $name): ?self
    {
        return match (true) {
            null !== ElementShape::tryFrom($name) => new self(self::SHAPE, $name, sides: self::usualSides($name)),
            null !== Pattern::tryFrom($name) => new self(self::PATTERN, $name),
            self::DRAWING === $name => new self(self::DRAWING),
            default => null,
        };
    }

    /** How many sides of a polygon, or points of a star, where nobody says. */
    public static function usualSides(string $what): int
    {
        return ElementShape::Star->value === $what ? 5 : 6;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => null !== $value);
    }

    /**
     * This element so many times as large.
     *
     * @param \Closure(int|null): (int|null) $left from where its left edge was to where it is, µm
     * @param \Closure(int|null): (int|null) $top  likewise its top edge
     */
    public function scaled(float $share, \Closure $left, \Closure $top): self
    {
        $part = static fn (?int $length): ?int => null === $length ? null : (int) round($share * $length);

        return self::fromKept([
            ...$this->toArray(),
            ...array_map($part, [
                'high' => $this->high,
                'wide' => $this->wide,
                'pitch' => $this->pitch,
                'spot' => $this->spot,
                'border' => $this->border,
                'gap' => $this->gap,
                'frame' => $this->frame,
            ]),
            'inner' => null === $this->inner ? null : [(int) $part($this->inner[0]), (int) $part($this->inner[1])],
            'left' => $left($this->left),
            'top' => $top($this->top),
        ]);
    }

    /** This element with another drawing, with the same colours. */
    public function ofDrawing(int $id): self
    {
        return self::fromKept(['art' => $id] + $this->toArray());
    }

    /** What people call it: its words, or what it is. */
    public function label(): string
    {
        return match ($this->kind) {
            self::WORDS => '“'.implode(' ', $this->lines).'”',
            self::DRAWING => 'drawing',
            default => mb_strtolower($this->shape()?->label() ?? $this->pattern()?->label() ?? $this->what),
        };
    }

    /** What an order of it alone is called. */
    public function called(): string
    {
        return ucfirst($this->label());
    }

    /** Which shape it is; none of words and patterns. */
    public function shape(): ?ElementShape
    {
        return self::SHAPE === $this->kind ? ElementShape::tryFrom($this->what) : null;
    }

    /** Which pattern it is; none of words and shapes. */
    public function pattern(): ?Pattern
    {
        return self::PATTERN === $this->kind ? Pattern::tryFrom($this->what) : null;
    }
}
