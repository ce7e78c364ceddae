<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Mending;

/** Insides of letters that are cut out of a solid and hang on nothing. Source: handbook section 4, knock-out. */
final class LooseInsides
{
    private function __construct()
    {
    }

    /** @return list<Snag> each with its place */
    public static function of(Fitted $fitted, Limits $limits): array
    {
        if (Arrangement::Knockout !== $fitted->words->setting->arrangement || null !== $fitted->words->art) {
            return [];
        }
        $loose = array_column(Mending::loose($fitted->artwork->top()), 0);
        $says =
            (1 === \count($loose)
                ? 'The inside of a letter is a part of its own'
                : \count($loose).' insides of letters are parts of their own').
            ', to be placed by hand. Bars hold them.';

        return array_map(static function (Region $part) use ($says, $limits): Snag {
            $box = $part->box();

            return new Snag(
                SnagCode::LooseInside,
                Severity::Warn,
                $limits->stroke,
                min($box->width(), $box->height()),
                [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)],
                $says,
                [['do' => Remedy::Bridge, 'by' => $limits->stroke]],
            );
        }, $loose);
    }
}
