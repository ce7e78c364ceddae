<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Region;

/** Turns the dark pixels of a picture into outlines. */
interface Vectoriser
{
    /**
     * @param int    $width  pixels
     * @param int    $height pixels
     * @param string $dark   a byte a pixel, row after row: "\1" where it is dark, "\0" where not
     * @param int    $specks pixels: what is no larger is dropped
     * @param float  $smooth how readily a corner becomes a curve, from 0 for all corners to 1.33 for none
     *
     * @return Region in thousandths of a pixel, y down
     */
    public function outlines(int $width, int $height, string $dark, int $specks, float $smooth): Region;
}
