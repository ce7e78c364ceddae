<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;

/** An outline in a drawing that is the object’s own: a guide is never cut. Source: handbook section 5. */
final class GuideCheck
{
    /** Of the art's box: what runs round all of it; and of an area: two shapes that are the same. */
    private const ROUND_ALL = 0.98;
    private const ALIKE = 0.96;

    private function __construct()
    {
    }

    /**
     * An outline round the whole of a drawing that was brought, of the shape of the object itself: a guide
     * that was left on. Cutting the guide is a known blunder (section 3).
     *
     * @return list<Snag>
     */
    public static function guide(Fitted $fitted): array
    {
        $parts = array_sum(
            array_map(static fn (Layer $layer): int => \count($layer->region->polygons), $fitted->artwork->layers),
        );
        if (null === $fitted->words->art || $parts < 2) {
            // One part alone is no guide round anything: a pane covered whole, a backing.
            return [];
        }
        $colours = array_keys($fitted->words->art->layers);
        foreach ($colours as $nth => $colour) {
            $polygons = $fitted->artwork->layers[$nth]->region->polygons;
            foreach ($polygons as $polygon) {
                if (self::isLikeObject(new Region([[$polygon[0]]]), $fitted)) {
                    $leaveOut = 1 === \count($polygons) && \count($colours) > 1;

                    return [
                        new Snag(
                            SnagCode::GuideInCut,
                            Severity::Warn,
                            0,
                            0,
                            [$polygon[0][0][0], $polygon[0][0][1]],
                            'An outline like the object’s own runs round the drawing. Is it a guide? The object’s '
                                .'outline is never cut.',
                            $leaveOut ? [['do' => Remedy::LeaveOut, 'colour' => (string) $colour]] : [],
                        ),
                    ];
                }
            }
        }

        return [];
    }

    /** Whether an outline runs round all of the art and has the shape of the safe area. */
    private static function isLikeObject(Region $ring, Fitted $fitted): bool
    {
        $box = $ring->box();
        $whole = $fitted->artwork->box();
        $safe = $fitted->safe->box();
        $aspect = $box->width() / $box->height() / ($safe->width() / $safe->height());
        if (
            $box->width() < self::ROUND_ALL * $whole->width()
            || $box->height() < self::ROUND_ALL * $whole->height()
            || abs($aspect - 1) > 1 - self::ALIKE
        ) {
            return false;
        }
        $scale = $safe->width() / $box->width();
        $laid = $ring->put($scale, $safe->left - $scale * $box->left, $safe->top - $scale * $box->top);
        $shared = Geos::intersection(Geos::tidy($laid), $fitted->safe)->area();

        return $shared > self::ALIKE * max($laid->area(), $fitted->safe->area());
    }
}
