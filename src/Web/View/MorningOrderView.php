<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** An order that is ready to go out. */
final readonly class MorningOrderView
{
    /**
     * @param int $number the number of the docket
     * @param string $label what people call it
     * @param string $customer whose it is
     * @param int $things how many things
     * @param int $thing the number of the first of them
     */
    public function __construct(
        public int $number,
        public string $label,
        public string $customer,
        public int $things,
        public int $thing,
    ) {
    }
}
