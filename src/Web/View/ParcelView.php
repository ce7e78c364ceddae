<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What goes out with a piece. */
final readonly class ParcelView
{
    /**
     * @param list<string> $contents what goes into the parcel
     * @param list<string> $care how it is looked after, sentences
     * @param list<string> $too tags of the other pieces of its order that stand there too
     * @param PieceView $piece the number of the piece
     */
    public function __construct(
        public PieceView $piece,
        public array $contents,
        public array $care,
        public array $too,
    ) {
    }
}
