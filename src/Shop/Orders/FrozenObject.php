<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** What a thing of a proof goes on, as it was when the proof was frozen. */
final readonly class FrozenObject
{
    /**
     * @param string $object   its name
     * @param int    $width    as it is seen, µm; so are the others
     * @param string $outline  of what is seen, as SVG path data in mm; so are the others
     * @param string $colour   #rrggbb; empty where nobody said
     * @param string $photo    name of the photo laid on it; empty where there is none
     */
    public function __construct(
        public string $object = '',
        public string $material = '',
        public int $width = 0,
        public int $height = 0,
        public int $wallWidth = 0,
        public int $wallHeight = 0,
        public string $outline = '',
        public string $safe = '',
        public string $keepOuts = '',
        public int $panes = 1,
        public string $colour = '',
        public string $photo = '',
    ) {
    }
}
