<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\UsedTape;

/** A piece of tape that lifted a decal and can lift another. */
final readonly class UsedTapeView
{
    /**
     * @param int $from the number of the piece it lifted first
     * @param string $tag of that piece, as it is written on paper
     * @param int $uses how often it has served
     */
    public function __construct(public int $from, public string $tag, public int $uses)
    {
    }

    public static function from(UsedTape $tape): self
    {
        return new self($tape->from->id(), $tape->from->tag(), $tape->uses);
    }
}
