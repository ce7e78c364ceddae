<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rules;

/** Film that holds without glue: a little water, and it can be used at once. */
final readonly class ClingOn implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Cling';
    }

    public function steps(Decal $decal): array
    {
        if (!$decal->appliedHere || Film::Cling !== $decal->film) {
            return [];
        }
        $minutes = PlacedByFigures::minutesFor($decal, $this->rules);
        $taped = Taped::isTaped($decal, $this->rules);

        return [
            self::wet(),
            new Step(
                StepKind::PeelLiner,
                'Peel the liner',
                'Flat and slowly, '.($taped ? 'the liner away from the tape.' : 'and hold it by its edges.'),
                [],
                $minutes / 6,
            ),
            new Step(
                StepKind::RubDown,
                'Slide it into place and press the water out',
                'From the middle outwards, with the squeegee; wipe the edges dry.',
                ['squeegee', 'dry cloth'],
                $minutes / 3,
                troubles: [['A bubble', 'Lift that edge, wet it once more, and press it out.']],
            ),
            ...$taped
                ? [new Step(StepKind::PeelTape, 'Peel the tape', 'Back flat on itself, never up.', [], $minutes / 6)]
                : [],
            new Step(
                StepKind::LookOver,
                'Look it over',
                'Bubbles out, edges dry, level? '.PutOn::counted($decal),
                [],
                1.0,
            ),
        ];
    }

    private static function wet(): Step
    {
        return new Step(
            StepKind::Wet,
            'Wet the glass a little',
            'Water with a drop of soap, a fine mist.',
            ['water, a drop of soap'],
            0.5,
            reason: 'It slides while it is wet, and holds when the water is out.',
        );
    }
}
