<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;

/** A decal with much empty film inside: what cutting it in parts saves and costs. */
final readonly class SplitView
{
    public function __construct(public int $piece, public string $tag, public string $label, public int $parts, public float $saved, public float $minutes, public bool $taken)
    {
    }

    /** @param array{piece: Piece, parts: int, saved: float, minutes: float, split: bool} $split */
    public static function from(array $split): self
    {
        return new self($split['piece']->id(), $split['piece']->tag(), $split['piece']->label(), $split['parts'], $split['saved'], $split['minutes'], $split['split']);
    }
}
