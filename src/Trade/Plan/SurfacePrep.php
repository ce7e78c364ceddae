<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What the surface asks for before film goes on it. */
final readonly class SurfacePrep implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'The surface';
    }

    public function steps(Decal $decal): array
    {
        if (!$decal->appliedHere) {
            return [];
        }

        return [
            ...'' === $decal->on->cures
                ? []
                : [
                    new Step(
                        StepKind::PaintCures,
                        'Let the paint cure',
                        "Film goes on it from {$decal->on->cures}, not before.",
                        reason: 'Paint that is only dry comes off with the tape.',
                    ),
                ],
            $this->clean($decal),
        ];
    }

    private function clean(Decal $decal): Step
    {
        [$how, $with, $caution] = $this->cleaning($decal);

        return new Step(
            StepKind::Clean,
            'Clean and dry the object',
            $how,
            [$with],
            1.5,
            reason: 'Last, so that nothing settles on it again.',
            caution: $caution,
        );
    }

    /** @return array{string, string, string|null} how, with what, and what to mind */
    private function cleaning(Decal $decal): array
    {
        $cold = " Nothing goes on under {$this->rules->value(Rule::Coldest)} °C, nor in wind.";
        $alcohol = 'Alcohol is flammable: good air, no flame, no sparks.';

        return match (true) {
            Film::Cling === $decal->film => [
                'Water and a drop of soap, wiped dry with a cloth that leaves no lint.',
                'lint-free cloth',
                null,
            ],
            $decal->on->young => [
                'A dry cloth only: its paint is young, and alcohol would take it off.',
                'dry cloth',
                null,
            ],
            Material::Painted === $decal->on->material, Material::Wall === $decal->on->material => [
                'A dry cloth; alcohol only where the paint is old and hard.',
                'dry cloth',
                null,
            ],
            Material::Raw === $decal->on->material => ['Brush the dust off. No water, no alcohol.', 'soft brush', null],
            Material::PaintedBehind === $decal->on->material => [
                'Take the protective sheet off the smooth side only, and wipe that with a dry cloth: alcohol cracks '
                    .'acrylic.',
                'dry cloth',
                null,
            ],
            Material::Glass === $decal->on->material, Material::TintedGlass === $decal->on->material => [
                'Glass cleaner without wax, a blade flat over old specks, then alcohol.',
                'alcohol, lint-free cloth, blade',
                "Gloves and eye protection with blade and solvent. $alcohol",
            ],
            Material::Vehicle === $decal->on->material => [
                'Wash, dry, then alcohol over the place and a hand beyond it.'.$cold,
                'alcohol, lint-free cloth',
                $alcohol,
            ],
            default => ['Alcohol on a lint-free cloth, then let it dry.', 'alcohol, lint-free cloth', $alcohol],
        };
    }
}
