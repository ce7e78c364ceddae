<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;

/** Of cut-out words the insides of letters, and dots in a ring: what hangs on nothing is counted before it goes on. */
final readonly class LooseParts implements WorkRule
{
    public function name(): string
    {
        return 'Loose insides of knock-outs';
    }

    public function steps(Decal $decal): array
    {
        if (0 === $decal->detail->loose || !$decal->appliedHere || Film::Cling === $decal->film) {
            return [];
        }
        $many = 1 === $decal->detail->loose ? 'One loose inside is' : "{$decal->detail->loose} loose insides are";

        return [
            new Step(
                StepKind::CountLoose,
                "$many on the tape",
                'Turn the tape over and count what lies free in an opening: insides of letters, dots. Each is in its '
                    .'place.',
                [],
                0.5,
                reason: 'They hang on nothing: one that stayed on the liner is gone with it.',
                troubles: [
                    [
                        'One is missing',
                        'Look on the liner: lift it with the hook, and set it back by the outline on the proof.',
                    ],
                ],
            ),
        ];
    }
}
