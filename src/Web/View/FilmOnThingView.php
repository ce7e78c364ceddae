<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;

/** One film of a thing in hand. */
final readonly class FilmOnThingView
{
    /**
     * @param int $piece the number of the piece in the records
     * @param string $tag of the piece, as it is written on paper
     * @param FilmView $film what it is cut from
     * @param SizeView $size of this film
     * @param PieceState $state where it stands
     * @param Station|null $station the station it stands at; null off the line
     * @param int|null $tapeFrom the number of the piece whose tape it is lifted with; null for a new piece of tape
     * @param list<UsedTapeView> $tapes that served before and can lift it too
     */
    public function __construct(
        public int $piece,
        public string $tag,
        public FilmView $film,
        public SizeView $size,
        public PieceState $state,
        public ?Station $station,
        public ?int $tapeFrom,
        public array $tapes,
    ) {
    }

    /** @param list<UsedTapeView> $tapes */
    public static function from(Piece $piece, array $tapes): self
    {
        return new self(
            $piece->id(),
            $piece->tag(),
            FilmView::from($piece->film()),
            SizeView::from($piece->drawn()->cutSize()),
            $piece->state(),
            $piece->state()->station(),
            $piece->tapeFrom(),
            $tapes,
        );
    }
}
