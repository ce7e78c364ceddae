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
     * @param list<string>     $asked     the words as the customer gave them
     * @param list<FrozenFilm> $films     of each layer, the letters first
     * @param list<string>     $care
     * @param list<string>     $cautions
     * @param list<string>     $remarks   what was done to the letters, and what was let pass
     * @param int              $height    of the object, µm
     * @param string           $neededOn  a day, as is usual here
     * @param string           $drawing   name of the drawing that stands in the place of words
     * @param string           $colour    of the object, #rrggbb; empty where nobody said
     * @param string           $photo     name of the photo laid on the object; empty where there is none
     * @param list<array{what: string, says: string, minor: int}> $quote how the price of the order came about
     * @param float|null       $taxShare  that holds for the price, %; none of proofs from before it was kept
     */
    public function __construct(
        public array $asked = [],
        public string $object = '',
        public string $material = '',
        public int $width = 0,
        public int $height = 0,
        public int $wallWidth = 0,
        public int $wallHeight = 0,
        public string $outline = '',
        public string $safe = '',
        public string $keepOuts = '',
        public array $films = [],
        public array $care = [],
        public array $cautions = [],
        public array $remarks = [],
        public bool $mirrored = false,
        public ?int $price = null,
        public int $quantity = 1,
        public int $panes = 1,
        public string $useOf = 'indoor',
        public string $neededOn = '',
        public bool $appliedHere = true,
        public string $drawing = '',
        public string $colour = '',
        public string $photo = '',
        public array $quote = [],
        public ?float $taxShare = null,
    ) {
    }

    /** @param array<string, mixed> $kept */
    public static function fromKept(array $kept): self
    {
        /** @var array{asked?: list<string>} $known */
        $known = array_intersect_key($kept, get_object_vars(new self()));

        return new self(...$known);
    }

    /**
     * These facts at another price.
     *
     * @param list<array{what: string, says: string, minor: int}> $quote    how it came about
     * @param float                                               $taxShare of it, %
     */
    public function charged(?int $price, array $quote, float $taxShare): self
    {
        return new self(...['price' => $price, 'quote' => $quote, 'taxShare' => $taxShare] + get_object_vars($this));
    }

    /** The price was told by the shop's figures, nobody set another. */
    public function isAsQuoted(): bool
    {
        return [] !== $this->quote && $this->price === array_sum(array_column($this->quote, 'minor'));
    }

    /** Where it will live, in a sentence. */
    public function used(): string
    {
        return Usage::tryFrom($this->useOf)?->inWords() ?? $this->useOf;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }
}
