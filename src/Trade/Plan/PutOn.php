<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** From the liner onto the object: dry, on tape. */
final readonly class PutOn implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Applying dry, on tape';
    }

    /** What is counted at the last look. */
    public static function counted(Decal $decal): string
    {
        return match ($decal->detail->count) {
            0 => 'Every dot and accent there?',
            1 => 'It is one part.',
            default => "Count them: {$decal->detail->count} parts, every dot and accent among them.",
        };
    }

    public function steps(Decal $decal): array
    {
        return !$decal->appliedHere || Film::Cling === $decal->film
            ? []
            : [
                ...$this->wet($decal),
                $this->peelLiner($decal),
                ...self::snip($decal),
                $this->rubDown($decal),
                $this->peelTape($decal),
                self::lookOver($decal),
                $this->rest($decal),
            ];
    }

    /** @return list<Step> */
    private function wet(Decal $decal): array
    {
        return $this->isWet($decal)
            ? [
                new Step(
                    StepKind::Wet,
                    'Wet it a little',
                    'Water with a drop of soap: a fine mist on the object, and on the glue as soon as its liner is '
                        .'off.',
                    ['water, a drop of soap'],
                    1.0,
                    reason: 'Wet it can be moved until the water is out, and large film catches no air.',
                    other: new OtherWay(
                        Rule::WetSchool,
                        0.0,
                        'Dry',
                        'Dry it holds at once, and its tape comes off at once.',
                    ),
                ),
            ]
            : [];
    }

    private function peelLiner(Decal $decal): Step
    {
        return new Step(
            StepKind::PeelLiner,
            'Peel the liner',
            PlacedByFigures::hingesInTheMiddle($decal, $this->rules)
                ? 'One half first, flat and slowly, the liner away from the tape; cut it off at the hinge.'
                : 'Once, flat and slowly: the liner away from the tape, never the tape from the liner.',
            [],
            PlacedByFigures::minutesFor($decal, $this->rules) / 6,
            troubles: [['A part stays on the liner', 'Roll the liner back over it, burnish, and peel again.']],
            other: !$this->isWet($decal) && $this->canBeWet($decal)
                ? new OtherWay(
                    Rule::WetSchool,
                    1.0,
                    'Wet',
                    'Wet it can be moved until the water is out; its tape comes off '.
                        "{$this->rules->value(Rule::WetWait)} min later.",
                )
                : null,
        );
    }

    /** @return list<Step> */
    private static function snip(Decal $decal): array
    {
        if (!$decal->on->shape->isRound() || Shape::Round === $decal->on->shape) {
            return [];
        }
        $gaps = \count($decal->detail->gaps);

        return [
            new Step(
                StepKind::Snip,
                0 === $gaps ? 'Snip the tape where it would crease' : 'Snip the tape between the letters',
                0 === $gaps
                    ? 'From the edge of the tape to the film, all round it.'
                    : 'From both edges of the tape to the film, in '.
                        (1 === $gaps ? 'the gap' : "the $gaps gaps").
                        ' between the letters.',
                ['scissors'],
                1.0,
                reason: 'Tape lies round one way only.',
                caution: 'Cut away from yourself, and not into the object.',
            ),
        ];
    }

    private function rubDown(Decal $decal): Step
    {
        $warmed = Film::Cast === $decal->film && $decal->on->shape->isRound();
        $soft = $decal->isTender() || $decal->on->shape->isRound();
        $wet = $this->isWet($decal);

        return new Step(
            StepKind::RubDown,
            'Rub it down',
            ($decal->on->shape->isRound() ? 'The middle first, then outwards on both sides' : 'From the middle '
                .'outwards').
                ($soft ? ', with the fingers.' : ', with the squeegee.').
                ($wet ? ' Press the water out with it, to the edges, and wipe it off.' : '').
                ($warmed ? ' Warm it a little, and it gives.' : '').
                self::bubbles($decal),
            [$soft ? 'fingers' : 'squeegee', ...$warmed ? ['hair dryer'] : [], ...$wet ? ['dry cloth'] : []],
            PlacedByFigures::minutesFor($decal, $this->rules) / 3,
            $wet ? (int) $this->rules->value(Rule::WetWait) : 0,
            caution: $warmed ? 'A hair dryer burns: keep it moving.' : null,
            troubles: [
                ['A bubble', 'Push it to the edge; prick a small one with the hook and press.'],
                [
                    'It lies where it should not',
                    'Stop, lift it from one end before it is rubbed on, and hinge it again.',
                ],
            ],
        );
    }

    private function peelTape(Decal $decal): Step
    {
        return new Step(
            StepKind::PeelTape,
            'Peel the tape',
            'Back flat on itself, never up'.($decal->isTender() ? ', and slowly: it must not take the paint.' : '.'),
            [],
            PlacedByFigures::minutesFor($decal, $this->rules) / 6,
            troubles: [
                ['Film comes up with it', 'Lay it back, rub that part down again, and peel from another corner.'],
                ['It will not let go', 'Warm it a little and peel flatter and slower.'],
                ...$decal->isTender()
                    ? [['Paint comes off with it', 'Stop. Let the paint cure, and take paper tape of low tack.']]
                    : [],
            ],
        );
    }

    private static function lookOver(Decal $decal): Step
    {
        $isStencil = Film::Stencil === $decal->film;

        return new Step(
            StepKind::LookOver,
            'Look it over',
            $isStencil
                ? 'Edges sharp, nothing run under them, level?'
                : 'Bubbles out, edges down, level? '.self::counted($decal),
            [],
            1.0,
            caution: $decal->on->size->shorter()->toMillimetres() < 40
                ? 'If it is for small children: no loose parts.'
                : null,
            troubles: $isStencil
                ? []
                : [['A dot or an accent is missing', 'Look on the tape and on the liner; else it is cut again.']],
        );
    }

    /** Large film that is stuck on something water does no harm: it can be put on wet as well. */
    private function canBeWet(Decal $decal): bool
    {
        return Shape::Flat === $decal->on->shape
            && !\in_array($decal->film, [Film::Stencil, Film::Printable], true)
            && \in_array(
                $decal->on->material,
                [Material::Glass, Material::TintedGlass, Material::Smooth, Material::Vehicle],
                true,
            )
            && PlacedByFigures::hingesInTheMiddle($decal, $this->rules);
    }

    private function isWet(Decal $decal): bool
    {
        return $this->canBeWet($decal) && 0.0 !== $this->rules->value(Rule::WetSchool);
    }

    /** Where bubbles usually stay. */
    private static function bubbles(Decal $decal): string
    {
        return match (\count($decal->detail->solid)) {
            0 => '',
            1 => ' Air stays under its widest part, where the ring is drawn: go over that once more.',
            default => ' Air stays under its widest parts, where rings are drawn: go over those once more.',
        };
    }

    private function rest(Decal $decal): Step
    {
        $wait = Waits::untilUsed($decal->film, $decal->finish, $this->rules) -
            Waits::coats($decal->finish, $this->rules);
        if (Film::Stencil === $decal->film) {
            return new Step(
                StepKind::Rest,
                'Let the paint dry',
                "{$this->rules->value(Rule::PaintCures)} h, and touch it with nothing.",
                wait: $wait,
                reason: 'Paint that is dry to the finger is soft under it.',
            );
        }
        $hours = $this->rules->value(Rule::AdhesiveCure);
        $before = Usage::Washed === $decal->use ? 'used or washed' : 'used';
        if ($decal->isElsewhere()) {
            return new Step(
                StepKind::Rest,
                'Hand it over with its wait',
                "It stands on the care card: $hours h before it is $before, no rain and no jet on it before.",
                reason: 'It rests where it is.',
            );
        }

        return new Step(
            StepKind::Rest,
            'Let it rest',
            "Flat, warm and dry, $hours h from when it was put on, before it is $before.",
            // Coats that dry meanwhile are no further wait.
            wait: $wait,
            reason: 'The glue takes days to reach its full hold.',
        );
    }
}
