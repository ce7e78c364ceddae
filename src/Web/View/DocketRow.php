<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;

/** A docket in a list. */
final readonly class DocketRow
{
    public function __construct(
        public int $number,
        public string $tag,
        public string $label,
        public string $customer,
        public string $object,
        public string $state,
        public ?string $station,
        public bool $late,
        public ?string $neededAt,
        public int $quantity,
        public ?FilmView $film,
    ) {
    }

    public static function from(Docket $docket, bool $late): self
    {
        return new self($docket->number(), $docket->tag(), $docket->label(), $docket->customer()?->name() ?? Answers::fromKept($docket->answers())->customer, $docket->object()->name(),
            $docket->state()->value, $docket->station()?->value, $late, $docket->neededAt()?->format(\DATE_ATOM), $docket->quantity(),
            null === $docket->film() ? null : FilmView::from($docket->film()));
    }
}
