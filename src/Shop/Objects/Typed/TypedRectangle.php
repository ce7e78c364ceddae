<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A flat thing with four sides: what is measured of it, as it was typed. */
final readonly class TypedRectangle implements TypedSurface
{
    use ReadByName;

    public const KIND = 'rectangle';

    /**
     * @param string $width from left to right, as typed with its unit
     * @param string $height from top to bottom, as typed with its unit
     * @param string $corner the radius of its corners
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $corner = '',
    ) {
    }
}
