<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Shop\Stock\TapeOnShelf;

/** Tape and blanks come off the shelf when a decal is applied or packed. */
final readonly class Materials
{
    public function __construct(private TapeOnShelf $tapes, private Shelf $shelf, private Stockroom $stockroom)
    {
    }

    /** Books what a decal took; of what the shelf does not have so much, what there is. */
    public function book(Piece $piece): void
    {
        $docket = $piece->docket();
        $object = $docket->object();
        [$size, $use] = [$piece->cutSize(), $docket->useOf()];
        $choice = $this->tapes->choice($size, $piece->film()->grade(), $use, $object->material());
        [$tape, $length] = $this->tapes->lifts($size, $choice, $use, $this->tapes->rolls()) ?? [null, 0];
        if (null !== $tape) {
            $this->stockroom->takeOff($tape, (int) ceil($length / 1000), $piece->tag());
        }
        $blank = $this->shelf->blank($docket->blank());
        // Panes of one thing carry a decal each and are one blank.
        if (null !== $blank && 0 === $piece->layer() && 0 === ($piece->nth() - 1) % $object->panes()) {
            $this->stockroom->takeOff($blank, 1, $piece->tag());
        }
    }
}
