<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A free panel of a vehicle or a boat, or glass: what is measured of it, as it was typed. */
final readonly class TypedPanel implements TypedSurface
{
    use ReadByName;

    public const KIND = 'panel';

    /**
     * @param string $width free from left to right, as typed with its unit
     * @param string $height free from top to bottom, as typed with its unit
     * @param string $corner the radius of its corners
     * @param string $readFrom from how many metres it has to be read, as typed
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $corner = '',
        public string $readFrom = '',
    ) {
    }
}
