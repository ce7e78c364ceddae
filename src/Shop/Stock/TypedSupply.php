<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** A tape or a blank the shop keeps, as typed. */
final readonly class TypedSupply
{
    /**
     * @param string $kind which kind it is
     * @param string $name as people call it
     * @param string $width from left to right, mm
     * @param string $amount how much there is, as typed
     * @param string $bin where it lies
     * @param string $lowAt less is low, as typed
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $width,
        public string $amount,
        public string $bin,
        public string $lowAt = '',
    ) {
    }
}
