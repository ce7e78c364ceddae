<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** Film over a seam or a joint is cut there and pressed down on both sides. */
final readonly class OnSeam implements WorkRule
{
    public function name(): string
    {
        return 'Film on a seam';
    }

    public function steps(Decal $decal): array
    {
        if ([] === $decal->detail->onSeams || !$decal->appliedHere) {
            return [];
        }
        $parts = array_values(array_unique(array_column($decal->detail->onSeams, 0)));
        sort($parts);
        $last = array_pop($parts);
        $which = [] === $parts ? "Part $last" : 'Parts '.implode(', ', $parts)." and $last";

        return [
            new Step(
                StepKind::Seam,
                'Cut it on the seam',
                "$which of {$decal->detail->onSeams[0][1]} from the left, as drawn: cut the film along the seam, and "
                    .'press both sides down into it.',
                ['knife'],
                1.0,
                reason: 'Film that bridges a seam lifts there first.',
                caution: 'Cut lightly, away from yourself, and not into the object.',
            ),
        ];
    }
}
