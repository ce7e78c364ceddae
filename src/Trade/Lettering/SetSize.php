<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * How large the members of a set are: all of one letter height, each as large as it can be, or each in a box. Source:
 * handbook section 4, "Sets".
 */
final readonly class SetSize
{
    /**
     * @param int|null $height of the letters of all, µm; the largest all can have where left out
     * @param bool     $each   whether each has a height of its own
     * @param int|null $wide   over all, of each, µm
     * @param int|null $high   over all, of each, µm
     */
    private function __construct(
        public ?int $height = null,
        public bool $each = false,
        public ?int $wide = null,
        public ?int $high = null,
    ) {
    }

    /** @param int|null $height µm; the largest all can have where left out */
    public static function one(?int $height): self
    {
        return new self($height);
    }

    /** Each as large as it can be. */
    public static function each(): self
    {
        return new self(null, true);
    }

    /**
     * Each so wide, so high, or just inside of both.
     *
     * @param int|null $wide µm
     * @param int|null $high µm
     */
    public static function box(?int $wide, ?int $high): self
    {
        return new self(null, true, $wide, $high);
    }

    /** Whether a box was typed. */
    public function isBox(): bool
    {
        return null !== $this->wide || null !== $this->high;
    }
}
