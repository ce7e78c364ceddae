<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceNotes;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;

/** One thing in hand: an object with every film on it, or what is given away for one. */
final readonly class ThingView
{
    /**
     * @param int $id its number in the records
     * @param string $tag as it is written on paper: Y-0412/3, of what has panes Y-0412/3–6
     * @param int $docket the number of the docket
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $label as it is shown
     * @param string $customer who ordered it
     * @param int $item which item of the order it is of
     * @param string $object what it goes on
     * @param PieceState $state where the piece furthest behind stands
     * @param Station|null $station the station of that; null off the line
     * @param list<FilmOnThingView> $films what is on it, by decal and layer
     * @param list<string> $missing tags of what is not weeded yet
     * @param SizeView $size of all its films together
     * @param bool $late whether the promised day is in danger
     * @param string|null $neededAt when it has to be ready for use, ISO 8601
     * @param bool $appliedHere whether the shop applies it
     * @param string|null $restsUntil when it has rested long enough, ISO 8601
     * @param string|null $driesUntil until when a coat on it dries, ISO 8601
     * @param string|null $tracking the tracking number
     * @param string $since since when it stands there, ISO 8601
     * @param bool $mirrored whether it is cut mirrored, for the inside of glass
     * @param list<string> $minded stops that were let pass, with who and why
     * @param list<string> $spelling how the words drawn differ from what was asked for
     * @param string $delivery how it comes to its customer: collected, round, posted
     */
    public function __construct(
        public int $id,
        public string $tag,
        public int $docket,
        public int $version,
        public string $label,
        public string $customer,
        public int $item,
        public string $object,
        public PieceState $state,
        public ?Station $station,
        public array $films,
        public array $missing,
        public SizeView $size,
        public bool $late,
        public ?string $neededAt,
        public bool $appliedHere,
        public ?string $restsUntil,
        public ?string $driesUntil,
        public ?string $tracking,
        public string $since,
        public bool $mirrored,
        public array $minded,
        public array $spelling,
        public string $delivery,
    ) {
    }

    /** @param \Closure(Piece): list<UsedTapeView> $tapes */
    public static function from(Thing $thing, bool $late, PieceNotes $notes, \Closure $tapes): self
    {
        $docket = $thing->docket();

        return new self(
            $thing->id(),
            $thing->tag(),
            $docket->number(),
            $thing->version(),
            $thing->label(),
            $docket->customer()?->name() ?? '',
            $thing->item()->nth(),
            $thing->item()->object()->name(),
            $thing->state(),
            $thing->state()->station(),
            array_map(
                static fn (Piece $piece): FilmOnThingView => FilmOnThingView::from($piece, $tapes($piece)),
                $thing->pieces(),
            ),
            array_map(static fn (Piece $piece): string => $piece->tag(), $thing->films()->missing()),
            SizeView::from($thing->films()->size()),
            $late,
            $docket->neededAt()?->format(\DATE_ATOM),
            $thing->item()->isAppliedHere(),
            $thing->restsUntil()?->format(\DATE_ATOM),
            $thing->progress()->driesUntil?->format(\DATE_ATOM),
            $thing->tracking(),
            $thing->since()->format(\DATE_ATOM),
            $thing->first()->proof()->frozen()->mirrored,
            $notes->minded($thing->first()),
            $notes->spelling($thing->first()),
            $docket->delivery()->value,
        );
    }
}
