<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** What has to stay free between pieces and to the outline of the stock, µm. Source: handbook section 7. */
final readonly class Gaps
{
    /**
     * @param int $inside  between pieces of one order
     * @param int $between pieces of different orders
     * @param int $edge    to the outline of the stock
     */
    public function __construct(public int $inside, public int $between, public int $edge)
    {
    }

    /** One gap between all pieces, µm. */
    public static function same(int $gap, int $edge): self
    {
        return new self($gap, $gap, $edge);
    }

    /** The gap between two pieces, µm. */
    public function between(NestPiece $one, NestPiece $other): int
    {
        return '' !== $one->order && $one->order === $other->order ? $this->inside : $this->between;
    }
}
