<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What the customer applies stays on its liner, and all that is needed goes with it. */
final readonly class GivenAway implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Given away';
    }

    public function steps(Decal $decal): array
    {
        if ($decal->appliedHere) {
            return [];
        }
        $pack = $this->rules->value(Rule::PackMinutes) / 4;

        return [
            new Step(
                StepKind::LeaveOnLiner,
                'Leave it on its liner',
                'The liner stays on until it is on its object.',
                [],
                $pack,
            ),
            new Step(
                StepKind::TestScrap,
                'Add a test scrap',
                'A corner of '.
                    (1 === $decal->others->films ? 'the same film' : "each of the {$decal->others->films} films").
                    ' for the customer to try on the surface first.',
                ['scrap of the film'],
                $pack,
            ),
            new Step(StepKind::PackFlat, 'Pack flat', 'Between card, with the printed steps.', ['card'], $pack),
            new Step(StepKind::CareCard, 'Add the care card', implode(' ', $decal->care), ['care card'], $pack),
        ];
    }
}
