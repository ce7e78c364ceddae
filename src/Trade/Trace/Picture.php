<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

/** A photo as plain rows of pixels, 0xRRGGBB each, from the left top corner. */
final readonly class Picture
{
    /**
     * @param int $width pixels
     * @param int $height pixels
     * @param list<int> $pixels width × height of them
     */
    public function __construct(public int $width, public int $height, public array $pixels)
    {
        if (\count($pixels) !== $width * $height) {
            throw new \LogicException('A picture has as many pixels as its size says.');
        }
    }
}
