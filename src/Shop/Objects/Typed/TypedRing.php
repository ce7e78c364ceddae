<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A ring round a badge or a hole: what is measured of it, as it was typed. */
final readonly class TypedRing implements TypedSurface
{
    use ReadByName;

    public const KIND = 'ring';

    /**
     * @param string $width outside, as typed with its unit
     * @param string $height outside, as typed with its unit
     * @param string $innerWidth of what it goes round
     * @param string $innerHeight of what it goes round
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $innerWidth = '',
        public string $innerHeight = '',
    ) {
    }
}
