<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rules;

/** The film is a mask: paint goes on, and the film comes off while that is wet. */
final readonly class Stencilled implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Stencils';
    }

    public function steps(Decal $decal): array
    {
        if (!$decal->appliedHere || Film::Stencil !== $decal->film) {
            return [];
        }

        return [
            new Step(
                StepKind::DabPaint,
                'Dab the paint on',
                'Little on the sponge, straight down, two thin coats: what runs under the film stays.',
                ['sponge', 'paint'],
                PlacedByFigures::minutesFor($decal, $this->rules) / 2,
                troubles: [['Paint ran under an edge', 'Let it dry, scrape it with a wooden stick, touch it up.']],
            ),
            new Step(
                StepKind::LiftStencil,
                'Lift the film while the paint is wet',
                'Slowly, flat, away from the painted part; the loose insides with the hook.',
                ['hook'],
                1.0,
                reason: 'Dry paint tears at the edge.',
                caution: 'Cap the hook.',
            ),
        ];
    }
}
