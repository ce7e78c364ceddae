<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** Film that came in, as typed. An item where there is more of what is on the shelf already; a corner where one is missing. */
final readonly class TypedReceipt
{
    public function __construct(
        public int $film,
        public string $kind,
        public string $width,
        public string $height,
        public string $count,
        public string $bin,
        public string $lot = '',
        public ?int $item = null,
        public string $corner = '',
        public string $goneWidth = '',
        public string $goneHeight = '',
    ) {
    }
}
