<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\DocketSummary;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Station;

/** A docket in a list. */
final readonly class DocketRow
{
    /**
     * @param int $number the number of the docket
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $label as it is shown
     * @param string $customer who ordered it
     * @param string $object what it goes on
     * @param DocketState $state where it stands
     * @param Station|null $station the station it stands at; null off the line
     * @param bool $late whether the promised day is in danger
     * @param string|null $neededAt when it has to be ready for use, ISO 8601
     * @param int $quantity how many pieces
     * @param FilmView|null $film the film it is cut from
     */
    public function __construct(
        public int $number,
        public string $tag,
        public string $label,
        public string $customer,
        public string $object,
        public DocketState $state,
        public ?Station $station,
        public bool $late,
        public ?string $neededAt,
        public int $quantity,
        public ?FilmView $film,
    ) {
    }

    /** @param FilmOnShelf|null $film its film */
    public static function from(DocketSummary $docket, ?FilmOnShelf $film): self
    {
        return new self(
            $docket->number,
            $docket->tag(),
            $docket->label,
            $docket->customer,
            $docket->object,
            $docket->state,
            $docket->station,
            $docket->isLate,
            $docket->neededAt?->format(\DATE_ATOM),
            $docket->quantity,
            null === $film ? null : FilmView::from($film),
        );
    }
}
