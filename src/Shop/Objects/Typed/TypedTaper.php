<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A wall that is wider at one end: what is measured of it, as it was typed. */
final readonly class TypedTaper implements TypedSurface
{
    use ReadByName;

    public const KIND = 'taper';

    /**
     * @param string $upper the way round at the upper edge
     * @param string $lower the way round at the lower edge
     * @param string $slant the height along the wall
     * @param string $wideEnd which end is wider
     * @param string $seen how many degrees of it are seen from the front, as typed; 360 for a wrap, empty for the usual
     * @param string $lip none where nobody drinks from it, whatever it is called
     */
    public function __construct(
        public string $upper = '',
        public string $lower = '',
        public string $slant = '',
        public string $wideEnd = 'top',
        public string $seen = '',
        public string $lip = '',
    ) {
    }
}
