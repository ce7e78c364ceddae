<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Layers that lie on each other are joined before they go on, the top one first; or, by the other school and only where
 * they are applied here, the lowest goes on first and the next are laid on it.
 */
final readonly class Layered implements WorkRule
{
    private const TOP = 0.0;
    private const BOTTOM = 1.0;

    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Layers that overlap';
    }

    /** Does the lowest layer of a decal go onto the object by itself? */
    public static function lowestFirst(Decal $decal, Rules $rules): bool
    {
        return $decal->appliedHere && self::BOTTOM === $rules->value(Rule::LayersFirst);
    }

    /** What lies under the letters waits on its liner for the layer above, or to go on first. */
    public function underneath(Decal $decal, string $above): Step
    {
        $size = $decal->art->in(Units::Metric);

        return self::lowestFirst($decal, $this->rules)
            ? new Step(
                StepKind::LayUnder,
                "Lay it beside $above",
                "Leave this layer on its liner, $size: it goes onto the object before $above, in its place among the "
                    .'steps of that.',
                [],
                0.5,
            )
            : new Step(
                StepKind::LayUnder,
                "Lay $above over it",
                "Leave this layer on its liner, $size. Lift $above on its tape, lay it over this one register marks "
                    .'on register marks, burnish from the back and lift both together.',
                ['lit table'],
                1.0,
            );
    }

    public function steps(Decal $decal): array
    {
        return self::lowestFirst($decal, $this->rules) ? $this->onTheObject($decal) : $this->joined($decal);
    }

    /** @return list<Step> */
    private function joined(Decal $decal): array
    {
        $steps = [];
        foreach ($decal->others->under as $nth => $tag) {
            $steps[] = new Step(
                StepKind::JoinLayer,
                "Join it with $tag",
                "Lift this layer on its tape, its own liner off, and lay it over $tag while that is still on its "
                    .'liner, register marks on register marks. Burnish from the back, lift both, and take the marks '
                    .'off.',
                ['lit table'],
                3.0,
                reason: 'Top first: what is on the tape can be laid down where the marks say; on the object it could '
                    .'not.',
                troubles: [
                    [
                        'The marks do not meet',
                        'Lay a slip of baking paper between, slide the top layer, and draw it out.',
                    ],
                ],
                other: 0 === $nth && $decal->appliedHere
                    ? new OtherWay(
                        Rule::LayersFirst,
                        self::BOTTOM,
                        'The lowest onto the object first',
                        'One film at a time bends and lies down easier than a pack, on round things above all.',
                    )
                    : null,
            );
        }

        return $steps;
    }

    /** @return list<Step> the lowest first */
    private function onTheObject(Decal $decal): array
    {
        $steps = [];
        foreach (array_reverse($decal->others->under) as $nth => $tag) {
            $steps[] = new Step(
                StepKind::SetDown,
                "Set $tag down".(0 === $nth ? '' : ' on it'),
                0 === $nth
                    ? "$tag lies lowest: lift it with a tape of its own, hold it to its place, peel its liner flat, "
                        .'rub it down from the middle, peel the tape flat. Leave its register marks where they are.'
                    : "Lift $tag with a tape of its own and lay it by its register marks over those that lie there. "
                        .'Rub it down, and peel the tape flat.',
                ['a tape for each film'],
                PlacedByFigures::minutesFor($decal, $this->rules),
                reason: 0 === $nth ? 'Lowest first: one film at a time lies down easier than a pack.' : '',
                troubles: [
                    [
                        'The marks do not meet',
                        'Lay a slip of baking paper between, slide the upper film, and draw it out.',
                    ],
                ],
                other: 0 === $nth
                    ? new OtherWay(
                        Rule::LayersFirst,
                        self::TOP,
                        'Join them first',
                        'On their liners they can be laid again until the marks meet; on the object they cannot.',
                    )
                    : null,
            );
        }

        return $steps;
    }
}
