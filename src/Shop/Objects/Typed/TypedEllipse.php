<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A disc or an oval: what is measured of it, as it was typed. */
final readonly class TypedEllipse implements TypedSurface
{
    use ReadByName;

    public const KIND = 'ellipse';

    /**
     * @param string $width from left to right, as typed with its unit
     * @param string $height from top to bottom, as typed with its unit
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
    ) {
    }
}
