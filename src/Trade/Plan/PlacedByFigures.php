<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Where it goes, by figures nobody eyeballs. */
final readonly class PlacedByFigures implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Placing';
    }

    /** Is it so large that one half is laid, then the other? */
    public static function hingesInTheMiddle(Decal $decal, Rules $rules): bool
    {
        return $decal->longer() > $rules->micrometres(Rule::HingeOver);
    }

    public function steps(Decal $decal): array
    {
        if (!$decal->appliedHere) {
            return [];
        }
        $two = $decal->longer() > $this->rules->micrometres(Rule::TwoPeople);
        $hinge = !$decal->on->shape->isRound()
            && Film::Cling !== $decal->film
            && $decal->longer() > $this->rules->micrometres(Rule::ByHand);

        return [
            ...$this->marks($decal),
            new Step(
                StepKind::Position,
                'Position it',
                $this->where($decal).self::fromFeatures($decal).$this->after($decal).($two ? ' From 2 to 3 m away '
                    .'the second person checks that it is level.' : ''),
                $two ? ['two people', 'rule'] : ['rule'],
                $this->minutes($decal) / 3,
                troubles: [
                    [
                        'It hangs crooked',
                        'Lift it with its liner on, set the centre lines again, and look from further away.',
                    ],
                ],
            ),
            ...$hinge
                ? [
                    new Step(
                        StepKind::Hinge,
                        'Tape a hinge',
                        self::hingesInTheMiddle($decal, $this->rules)
                            ? 'Masking tape down the middle: one half is laid, then the other.'
                            : 'Masking tape along the top, so that it folds up and comes down where it lay.',
                        ['masking tape'],
                        0.5,
                    ),
                ]
                : [],
        ];
    }

    /** From what can be reached, where an edge cannot: at most two of them, the nearest first. */
    private static function fromFeatures(Decal $decal): string
    {
        $features = $decal->on->features;
        usort(
            $features,
            static fn (array $a, array $b): int => hypot($a[1], $a[2]) <=> hypot($b[1], $b[2]),
        );
        $said = array_map(
            static fn (array $feature): string => \sprintf(
                'from the middle of the %s %s to the middle of the art',
                mb_strtolower($feature[0]),
                implode(
                    ' and ',
                    array_filter([
                        self::way($feature[1], $decal->on->inside ? ['left', 'right'] : ['right', 'left']),
                        self::way($feature[2], ['down', 'up']),
                    ]),
                ) ?: 'exactly',
            ),
            \array_slice($features, 0, 2),
        );

        return [] === $said ? '' : ' '.mb_strtoupper(mb_substr($said[0], 0, 1)).
            mb_substr(implode('; ', $said), 1).
            '.';
    }

    /** @param array{string, string} $ways what it is called when it is positive, and when it is not */
    private static function way(int $micrometres, array $ways): string
    {
        return abs($micrometres) < 100
            ? ''
            : Length::micrometres(abs($micrometres))->inBoth().' '.$ways[$micrometres < 0 ? 1 : 0];
    }

    /** What it goes beside, where that lies on the object already. */
    private function after(Decal $decal): string
    {
        return [] === $decal->others->beside
            ? ''
            : ' '.
                implode(', ', $decal->others->beside).
                (1 === \count($decal->others->beside)
                    ? ' lies there already: look at the gap between them.'
                    : ' lie there already, the largest first: look at the gaps between them.');
    }

    private function where(Decal $decal): string
    {
        return match ($decal->on->shape) {
            Shape::Ball => 'Its liner still on, the middle of the art on the middle that was marked. On a ball there '
                .'is no edge to measure from.',
            Shape::Taper => 'Its liner still on, the lower edge of the art along the level line; it runs with the '
                .'taper. Art to top edge '.self::down($decal).' along the wall.',
            Shape::Round => "Its liner still on: art to top edge {$decal->top->inBoth()}, to the mark on its left "
                ."{$decal->left->inBoth()} along the wall.",
            Shape::Flat => Edge::Within !== $decal->on->edge && $decal->overhang()->most() > 0
                ? "Its liner still on, so that it hangs over by {$decal->overhang()->inWords()}."
                : ($decal->on->inside ? 'From inside, where it reads backwards, its' : 'Its').
                    " liner still on: art to {$decal->side()} edge {$decal->left->inBoth()}, art to top edge "
                        ."{$decal->top->inBoth()}. Check against the centre lines.",
        };
    }

    private static function down(Decal $decal): string
    {
        return (null === $decal->on->along ? $decal->top : Length::micrometres($decal->on->along[1]))->inBoth();
    }

    /** @return list<Step> a line to set it by, where the object has no edge to measure along */
    private function marks(Decal $decal): array
    {
        return $decal->on->shape->isRound()
            ? [
                new Step(
                    StepKind::MarkPlace,
                    'Mark a level line',
                    match (true) {
                        Shape::Ball === $decal->on->shape => 'Seen from the front, mark the middle where the art is to '
                            .'be, with a chalk cross.',
                        null === $decal->on->level => "{$decal->top->plus($decal->art->height)->inBoth()} down the "
                            .'wall from its upper edge, all the way round: that is the foot of the art.',
                        default => 'A pen on a stack of blocks beside it, '.
                            self::stack($decal->on->level).
                            ', and turn the object once: that is the foot of the art.',
                    },
                    null === $decal->on->level ? ['rule', 'chalk pen'] : ['blocks', 'chalk pen'],
                    1.5,
                ),
            ]
            : [];
    }

    /** The stack that brings a pen to a height above the table. */
    private static function stack(LevelLine $level): string
    {
        $mm = static fn (int $micrometres): string => Length::micrometres($micrometres)->inMetric();
        $off = Length::micrometres(abs($level->stacked - $level->height))->inMetric();

        return Length::micrometres($level->height)->inBoth().
            ' above the table: '.
            ([] === $level->stack ? 'no block' : implode(' + ', array_map($mm, $level->stack)).' mm').
            ('0' === $off ? '' : ", $off mm ".($level->stacked > $level->height ? 'too high' : 'too low'));
    }

    private function minutes(Decal $decal): float
    {
        return self::minutesFor($decal, $this->rules);
    }

    /** Minutes to apply in all, by length, shape and place. Source: handbook section 16. */
    public static function minutesFor(Decal $decal, Rules $rules): float
    {
        return (new StepMinutes($rules))->apply(
            $decal->longer(),
            $decal->on->shape->isRound(),
            Usage::Vehicle === $decal->use || Material::Vehicle === $decal->on->material,
        );
    }
}
