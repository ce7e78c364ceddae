<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** An odd shape, traced: what is measured of it, as it was typed. */
final readonly class TypedOutline implements TypedSurface
{
    use ReadByName;

    public const KIND = 'outline';

    /**
     * @param string $width its one true dimension, or the height is
     * @param string $height its one true dimension, or the width is
     * @param string $outline the traced outline as path data, mm
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $outline = '',
    ) {
    }
}
