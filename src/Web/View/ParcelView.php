<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What goes out with a thing. */
final readonly class ParcelView
{
    /**
     * @param list<string> $contents what goes into the parcel
     * @param list<string> $care how it is looked after, sentences
     * @param list<string> $too tags of the other things of its order that stand there too
     * @param ThingView $thing what it is of
     */
    public function __construct(
        public ThingView $thing,
        public array $contents,
        public array $care,
        public array $too,
    ) {
    }
}
