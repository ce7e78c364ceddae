<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** What is said of an object that leaves no room for a decal. */
final class NoRoom
{
    private function __construct()
    {
    }

    /** @param int|null $clearance µm; by the shop's rule where it is left out */
    public static function on(Surface $surface, ?int $clearance, Rules $rules): Refused
    {
        if (
            $surface instanceof SurfaceLessKeepOuts
            && !$surface->surface
                ->safe($clearance ?? $surface->clearance($rules))
                ->region()
                ->isEmpty()
        ) {
            return new Refused(
                'no-room',
                'What has to stay clear takes up the whole safe area. Measure the keep-outs again, or choose another '
                    .'side of the object.',
                '/keepOuts',
            );
        }
        $wanted = Length::micrometres($clearance ?? $surface->clearance($rules))->inMetric();

        return new Refused(
            'no-room',
            "With a clearance of $wanted mm to every edge this object leaves no room for a decal.",
            null === $clearance ? '/object' : '/clearance',
        );
    }

    /** What is said where nothing is small enough. */
    public static function forWords(): Refused
    {
        return new Refused(
            'words-too-long',
            'These words do not fit this object even at half a millimetre. Break them into lines or take a larger '
                .'object.',
            '/lines',
        );
    }
}
