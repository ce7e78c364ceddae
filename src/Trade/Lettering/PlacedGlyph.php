<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A glyph where the shaper puts it, in font units along the line, y up. */
final readonly class PlacedGlyph
{
    /**
     * @param int $glyph its number in the face
     * @param int       $cluster the character it stands for, counted from 0
     * @param float $x font units
     * @param float $y font units
     * @param float $advance font units
     * @param Face|null $face    another face it is taken from; the figures are in units of the line's own all the same
     */
    public function __construct(
        public int $glyph,
        public int $cluster,
        public float $x,
        public float $y,
        public float $advance,
        public ?Face $face = null,
    ) {
    }

    /**
     * So far further along the line.
     *
     * @param float $by font units
     */
    public function shifted(float $by): self
    {
        return 0.0 === $by
            ? $this
            : new self($this->glyph, $this->cluster, $this->x + $by, $this->y, $this->advance, $this->face);
    }

    /**
     * In units so many times as large.
     *
     * @param float $share of the units of another face
     */
    public function scaled(float $share): self
    {
        return new self(
            $this->glyph,
            $this->cluster,
            $share * $this->x,
            $share * $this->y,
            $share * $this->advance,
            $this->face,
        );
    }

    /**
     * This glyph taken out of a face, for a character of the line.
     *
     * @param int $cluster which letter of the line it begins at
     */
    public function from(Face $face, int $cluster): self
    {
        return new self($this->glyph, $cluster, $this->x, $this->y, $this->advance, $face);
    }
}
