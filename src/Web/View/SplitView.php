<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;

/** A decal with much empty film inside: what cutting it in parts saves and costs. */
final readonly class SplitView
{
    /**
     * @param int $piece the number of the piece
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $label as it is shown
     * @param int $parts in how many parts
     * @param float $saved the film it saves, cm²
     * @param float $minutes how much longer it takes to put together
     * @param bool $taken whether it is cut in parts
     */
    public function __construct(
        public int $piece,
        public string $tag,
        public string $label,
        public int $parts,
        public float $saved,
        public float $minutes,
        public bool $taken,
    ) {
    }

    /** @param array{piece: Piece, parts: int, saved: float, minutes: float, split: bool} $split */
    public static function from(array $split): self
    {
        return new self(
            $split['piece']->id(),
            $split['piece']->tag(),
            $split['piece']->drawn()->label(),
            $split['parts'],
            $split['saved'],
            $split['minutes'],
            $split['split'],
        );
    }
}
