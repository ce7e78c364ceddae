<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Stock\FilmOnShelf;

/** What is to be drawn, once it has been read: words or a list of them, how they are set, and of which film. */
final readonly class Draft
{
    /**
     * @param list<string>       $lines  of a set those of its first decal; none for a drawing without words
     * @param list<list<string>> $roster the lines of each decal of a set; none where all are alike
     * @param FilmOnShelf|null   $film   another film than the order's own
     * @param list<DesignElement> $elements what lies on the object beside the words, from bottom to top
     */
    public function __construct(
        public array $lines,
        public Design $design,
        public array $roster = [],
        public ?FilmOnShelf $film = null,
        public array $elements = [],
    ) {
    }

    /** @return list<string> its lines, or what it is called where there are no words */
    public function called(): array
    {
        return [] !== $this->lines ? $this->lines : [$this->design->motif()?->called() ?? 'Drawing'];
    }

    /** How the members of a list are set: each in the middle of its object. */
    public function designOfMembers(): Design
    {
        return $this->design->centred();
    }

    /** Whether it is a list of names. */
    public function isSet(): bool
    {
        return [] !== $this->roster;
    }
}
