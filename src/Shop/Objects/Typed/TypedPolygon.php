<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A thing of several equal sides: what is measured of it, as it was typed. */
final readonly class TypedPolygon implements TypedSurface
{
    use ReadByName;

    public const KIND = 'polygon';

    /**
     * @param string $width over all, as typed with its unit
     * @param string $height over all, as typed with its unit
     * @param string $sides how many sides
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $sides = '6',
    ) {
    }
}
