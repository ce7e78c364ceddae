<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** Panes or facets in a row, a decal on each: what is measured of it, as it was typed. */
final readonly class TypedPanes implements TypedSurface
{
    use ReadByName;

    public const KIND = 'panes';

    /**
     * @param string $width of one, as typed with its unit
     * @param string $height of one, as typed with its unit
     * @param string $panes how many in a row are covered
     */
    public function __construct(
        public string $width = '',
        public string $height = '',
        public string $panes = '',
    ) {
    }
}
