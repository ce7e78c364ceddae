<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Usage;

/** All that decides how a decal comes out: the object, the words, how they are set, the film, the use. */
final readonly class Drawable
{
    /**
     * @param list<string>       $lines
     * @param list<list<string>> $roster the lines of each member where it is a set
     */
    public function __construct(
        public MeasuredObject $object,
        public array $lines,
        public Design $design,
        public FilmOnShelf $film,
        public Usage $use,
        public array $roster = [],
    ) {
    }

    /**
     * This decal with these members only.
     *
     * @param list<list<string>> $roster
     */
    public function of(array $roster): self
    {
        return new self($this->object, $roster[0] ?? $this->lines, $this->design, $this->film, $this->use, $roster);
    }

    /** This decal in another design. */
    public function with(Design $design): self
    {
        return new self($this->object, $this->lines, $design, $this->film, $this->use, $this->roster);
    }

    /** This decal in another film. */
    public function inFilm(FilmOnShelf $film): self
    {
        return new self($this->object, $this->lines, $this->design, $film, $this->use, $this->roster);
    }
}
