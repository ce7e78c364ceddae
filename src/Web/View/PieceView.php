<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceNotes;
use Yelbo\Trade\Journey\Journey;

/** One physical decal. */
final readonly class PieceView
{
    /**
     * @param list<MoveView> $moves
     * @param list<string>   $minded   stops that were let pass, with who and why; at Weed what the colour hides
     * @param list<string>   $spelling how the words drawn differ from what was asked for
     */
    public function __construct(
        public int $id,
        public string $tag,
        public int $docket,
        public int $version,
        public string $label,
        public string $customer,
        public string $object,
        public string $state,
        public ?string $station,
        public ?FilmView $film,
        public SizeView $size,
        public bool $late,
        public ?string $neededAt,
        public bool $appliedHere,
        public int $recuts,
        public ?string $spoiledBecause,
        public ?int $batch,
        public ?string $restsUntil,
        public ?string $tracking,
        public string $since,
        public array $moves,
        public bool $mirrored,
        public array $minded,
        public array $spelling,
    ) {
    }

    public static function from(Piece $piece, bool $late, PieceNotes $notes): self
    {
        $docket = $piece->docket();

        return new self(
            $piece->id(), $piece->tag(), $docket->number(), $piece->version(), $piece->label(), $docket->customer()?->name() ?? '', $docket->object()->name(),
            $piece->state()->value, $piece->state()->station()?->value, FilmView::from($piece->film()), SizeView::from($piece->size()),
            $late, $docket->neededAt()?->format(\DATE_ATOM), $docket->isAppliedHere(), $piece->recuts(), $piece->spoiledBecause(), $piece->batch(),
            $piece->restsUntil()?->format(\DATE_ATOM), $piece->tracking(), $piece->since()->format(\DATE_ATOM),
            array_map(MoveView::ofPiece(...), Journey::pieceMoves($piece->state())),
            $piece->isMirrored(), $notes->minded($piece), $notes->spelling($piece),
        );
    }
}
