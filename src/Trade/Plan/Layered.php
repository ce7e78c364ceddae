<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Measure\Units;

/** Layers that lie on each other are joined before they go on, the top one first. */
final readonly class Layered implements WorkRule
{
    public function name(): string
    {
        return 'Layers that overlap';
    }

    /** What lies under the letters waits on its liner for the layer above. */
    public static function underneath(Decal $decal, string $above): Step
    {
        return new Step(
            StepKind::LayUnder,
            "Lay $above over it",
            "Leave this layer on its liner, {$decal->art->in(Units::Metric)}. Lift $above on its tape, lay it over this one register marks on register marks, burnish from the back and lift both together.",
            ['lit table'],
            1.0,
        );
    }

    public function steps(Decal $decal): array
    {
        return array_map(
            static fn (string $tag): Step => new Step(
                StepKind::JoinLayer,
                "Join it with $tag",
                "Lift this layer on its tape, its own liner off, and lay it over $tag while that is still on its liner, register marks on register marks. Burnish from the back, lift both, and take the marks off.",
                ['lit table'],
                3.0,
                reason: 'Top first: what is on the tape can be laid down where the marks say; on the object it could not.',
                troubles: [['The marks do not meet', 'Lay a slip of baking paper between, slide the top layer, and draw it out.']],
            ),
            $decal->under,
        );
    }
}
