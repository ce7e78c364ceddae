<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\WeekBoard;

/**
 * An open order, with when the plan has it ready.
 *
 * @phpstan-import-type Order from WeekBoard
 */
final readonly class WeekOrderView
{
    /**
     * @param int $docket the number of the docket
     * @param string $tag as it is shown
     * @param string $label what people call it
     * @param string $customer whose it is
     * @param string|null $due when it is used, ISO 8601
     * @param string $ready when it can be used, ISO 8601
     * @param int $late whole minutes past due; 0 where it is in time
     * @param string|null $begins nothing can be done before, ISO 8601
     * @param string $because why not
     * @param bool $first whether it comes before others
     */
    public function __construct(
        public int $docket,
        public string $tag,
        public string $label,
        public string $customer,
        public ?string $due,
        public string $ready,
        public int $late,
        public ?string $begins,
        public string $because,
        public bool $first,
    ) {
    }

    /** @param Order $order */
    public static function from(array $order, bool $first): self
    {
        return new self(...$order, first: $first);
    }
}
