<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;

/** The outline in an SVG drawing: everything it draws, put together. */
final readonly class SvgOutline
{
    /** @throws Refused */
    public function read(string $svg): TracedOutline
    {
        try {
            $outline = SvgDrawing::read($svg)->whole();
        } catch (Refused $refused) {
            throw new Refused(
                $refused->reason,
                'nothing-to-cut' === $refused->reason
                    ? 'There is no closed outline in this drawing.'
                    : $refused->getMessage(),
                '/photo',
            );
        }
        $box = $outline->box();

        return new TracedOutline(
            '',
            $box->width() / 1000,
            $box->height() / 1000,
            SvgPath::write($outline->moved(-$box->left, -$box->top)),
            0,
            [],
        );
    }
}
