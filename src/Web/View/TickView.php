<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\DocketSummary;

/** A docket waiting at a station. */
final readonly class TickView
{
    /**
     * @param int $number the number of the docket
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $label as it is shown
     * @param string $customer who ordered it
     * @param bool $late whether the promised day is in danger
     * @param string|null $neededAt when it has to be ready for use, ISO 8601
     */
    public function __construct(
        public int $number,
        public string $tag,
        public string $label,
        public string $customer,
        public bool $late,
        public ?string $neededAt,
    ) {
    }

    public static function from(DocketSummary $docket): self
    {
        return new self(
            $docket->number,
            $docket->tag(),
            $docket->label,
            $docket->customer,
            $docket->isLate,
            $docket->neededAt?->format(\DATE_ATOM),
        );
    }
}
