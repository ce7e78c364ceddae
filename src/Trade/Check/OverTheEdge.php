<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;

/**
 * Film may go over an edge, letters may not: what is folded under or trimmed off a letter is gone. Source: handbook
 * section 3.
 */
final class OverTheEdge
{
    /** µm²: less is rounding. */
    private const NOTHING = 10_000;

    /**
     * @param Region $front what is seen of the object, in its own frame
     *
     * @return Snag|null none where every letter is on the front
     */
    public static function of(Fitted $fitted, Region $front): ?Snag
    {
        if (null !== $fitted->words->art) {
            return null;
        }
        $top = $fitted->artwork->top()->moved(...$fitted->at);
        $letters = Arrangement::Knockout === $fitted->words->setting->arrangement
            ? Geos::difference($top->filled(), $top)
            : $top;
        $over = Geos::difference($letters, $front);
        if (1e6 * $over->area() < self::NOTHING) {
            return null;
        }
        $edge = $front->box();
        $box = $over->box();
        $by = max(
            $edge->left - $box->left,
            $box->right - $edge->right,
            $edge->top - $box->top,
            $box->bottom - $edge->bottom,
            0,
        );

        return new Snag(
            SnagCode::LettersOverEdge,
            Severity::Warn,
            0,
            $by,
            null,
            'Letters go over the edge'.
                ($by > 0 ? ' by '.Length::micrometres($by)->inMetric().' mm' : '').
                ': what is folded under or trimmed off there cannot be read. Set them smaller, or leave more round '
                    .'them.',
            [['do' => Remedy::Reduce, 'capHeight' => (int) floor(0.9 * $fitted->capHeight)]],
        );
    }
}
