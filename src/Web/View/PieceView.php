<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceNotes;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;

/** One piece of film of a decal. */
final readonly class PieceView
{
    /**
     * @param list<MoveView> $moves what may be done with it by itself now
     * @param list<string>   $minded   stops that were let pass, with who and why; at Weed what the colour hides
     * @param list<string>   $spelling how the words drawn differ from what was asked for
     * @param int $id its number in the records
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param int $thing the number of the thing it goes on
     * @param int $docket the number of the docket
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $label as it is shown
     * @param string $customer who ordered it
     * @param int $item which item of the order it is of
     * @param string $object what it goes on
     * @param PieceState $state where it stands
     * @param Station|null $station the station it stands at; null off the line
     * @param FilmView|null $film the film it is cut from
     * @param SizeView $size of the whole decal
     * @param SizeView $cut of this layer of film
     * @param bool $late whether the promised day is in danger
     * @param string|null $neededAt when it has to be ready for use, ISO 8601
     * @param bool $appliedHere whether the shop applies it
     * @param int $recuts how often it was cut again
     * @param string|null $spoiledBecause why it was spoiled
     * @param int|null $batch the number of the batch
     * @param string $since since when, ISO 8601
     * @param string $delivery how it comes to its customer: collected, round, posted
     * @param bool $mirrored whether it is cut mirrored, for the inside of glass
     */
    public function __construct(
        public int $id,
        public string $tag,
        public int $thing,
        public int $docket,
        public int $version,
        public string $label,
        public string $customer,
        public int $item,
        public string $object,
        public PieceState $state,
        public ?Station $station,
        public ?FilmView $film,
        public SizeView $size,
        public SizeView $cut,
        public bool $late,
        public ?string $neededAt,
        public bool $appliedHere,
        public int $recuts,
        public ?string $spoiledBecause,
        public ?int $batch,
        public string $since,
        public array $moves,
        public bool $mirrored,
        public array $minded,
        public array $spelling,
        public string $delivery,
    ) {
    }

    public static function from(Piece $piece, bool $late, PieceNotes $notes): self
    {
        $docket = $piece->docket();

        return new self(
            $piece->id(),
            $piece->tag(),
            $piece->thing()->id(),
            $docket->number(),
            $piece->version(),
            $piece->drawn()->label(),
            $docket->customer()?->name() ?? '',
            $piece->item()->nth(),
            $piece->item()->object()->name(),
            $piece->state(),
            $piece->state()->station(),
            FilmView::from($piece->film()),
            SizeView::from($piece->drawn()->size()),
            SizeView::from($piece->drawn()->cutSize()),
            $late,
            $docket->neededAt()?->format(\DATE_ATOM),
            $piece->item()->isAppliedHere(),
            $piece->recuts(),
            $piece->spoiledBecause(),
            $piece->batch(),
            $piece->since()->format(\DATE_ATOM),
            array_values(
                array_map(
                    MoveView::ofPiece(...),
                    array_filter(
                        Journey::pieceMoves($piece->state()),
                        static fn (PieceMove $move): bool => \in_array($move, BenchWork::OF_A_PIECE, true),
                    ),
                ),
            ),
            $piece->proof()->frozen()->mirrored,
            $notes->minded($piece),
            $notes->spelling($piece),
            $docket->delivery()->value,
        );
    }
}
