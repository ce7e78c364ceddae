<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Film\Usage;

/**
 * What a proof says beside its outlines, as it stood when it was made: kept whole, so that no
 * later change of the order, the shop's figures or the stock alters what the customer saw.
 *
 * Lengths in µm, paths in mm in the object's own frame, the price in minor units.
 *
 * @phpstan-type FrozenFilm array{name: string, swatch: string, life: string}
 */
final readonly class FrozenFacts
{
    /**
     * @param list<string>     $asked    the words as the customer gave them
     * @param FrozenObject     $on       what it goes on
     * @param list<FrozenFilm> $films    of each layer, the letters first
     * @param FrozenNotes      $notes    what is to be read beside the drawing
     * @param FrozenPrice      $charged  what it costs
     * @param string           $neededOn a day, as is usual here
     * @param string           $drawing  name of the drawing that stands in the place of words
     */
    public function __construct(
        public array $asked = [],
        public FrozenObject $on = new FrozenObject(),
        public array $films = [],
        public FrozenNotes $notes = new FrozenNotes(),
        public bool $mirrored = false,
        public FrozenPrice $charged = new FrozenPrice(),
        public int $quantity = 1,
        public string $useOf = 'indoor',
        public string $neededOn = '',
        public bool $appliedHere = true,
        public string $drawing = '',
    ) {
    }

    /** @param array<string, mixed> $kept all in one row, as `toArray` has it */
    public static function fromKept(array $kept): self
    {
        $of = static fn (object $part): array => array_intersect_key($kept, get_object_vars($part));
        /** @var array{asked?: list<string>} $own */
        $own = $of(new self());

        return new self(...[
            'on' => new FrozenObject(...$of(new FrozenObject())),
            'notes' => new FrozenNotes(...$of(new FrozenNotes())),
            'charged' => new FrozenPrice(...$of(new FrozenPrice())),
        ] + $own);
    }

    /**
     * These facts at another price.
     *
     * @param list<array{what: string, says: string, minor: int}> $quote    how it came about
     * @param float                                               $taxShare of it, %
     */
    public function charged(?int $price, array $quote, float $taxShare): self
    {
        return new self(...['charged' => new FrozenPrice($price, $quote, $taxShare)] + get_object_vars($this));
    }

    /** The price was told by the shop's figures, nobody set another. */
    public function isAsQuoted(): bool
    {
        return [] !== $this->charged->quote
            && $this->charged->price === array_sum(array_column($this->charged->quote, 'minor'));
    }

    /** Where it will live, in a sentence. */
    public function used(): string
    {
        return Usage::tryFrom($this->useOf)?->inWords() ?? $this->useOf;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $own = get_object_vars($this);
        unset($own['on'], $own['notes'], $own['charged']);

        return $own + get_object_vars($this->on) + get_object_vars($this->notes) + get_object_vars($this->charged);
    }
}
