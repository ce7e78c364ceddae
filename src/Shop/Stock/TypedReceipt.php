<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/**
 * Film that came in, as typed. An item where there is more of what is on the shelf already; a corner where one is
 * missing.
 */
final readonly class TypedReceipt
{
    /**
     * @param int $film the number of the film
     * @param string $kind which kind it is
     * @param string $width from left to right, mm
     * @param string $height from top to bottom, mm
     * @param string $count how many, as typed
     * @param string $bin where it lies
     * @param string $lot the lot on its label
     * @param int|null $item the offcut it is cut from, where it is
     * @param string $corner which corner is gone
     * @param string $goneWidth the width of what is cut off at a corner
     * @param string $goneHeight the height of what is cut off at a corner
     */
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
