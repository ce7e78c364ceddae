<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\PieceMove;

/** Something that may be done next. */
final readonly class MoveView
{
    /**
     * @param string $move the short name of the move
     * @param string $label as it is shown
     */
    public function __construct(public string $move, public string $label)
    {
    }

    public static function ofDocket(DocketMove $move): self
    {
        return new self($move->value, $move->label());
    }

    public static function ofPiece(PieceMove $move): self
    {
        return new self($move->value, $move->label());
    }
}
