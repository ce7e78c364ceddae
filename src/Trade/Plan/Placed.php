<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Where it goes, by figures nobody eyeballs. */
final readonly class Placed implements WorkRule
{
    /** µm: up to so high a small decal on a small thing is laid by hand, without a hinge. */
    private const SMALL = 60_000;

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
        $hinge = !$decal->shape->isRound() && Film::Cling !== $decal->film && $decal->longer() > self::SMALL;

        return [
            ...$this->marks($decal),
            new Step(
                StepKind::Position,
                'Position it',
                $this->where($decal).$this->after($decal).($two ? ' From 2 to 3 m away the second person checks that it is level.' : ''),
                $two ? ['two people', 'rule'] : ['rule'],
                $this->minutes($decal) / 3,
                troubles: [['It hangs crooked', 'Lift it with its liner on, set the centre lines again, and look from further away.']],
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

    /** What it goes beside, where that lies on the object already. */
    private function after(Decal $decal): string
    {
        return [] === $decal->beside
            ? ''
            : ' '.implode(', ', $decal->beside).' lie there already, the largest first: look at the gaps between them.';
    }

    private function where(Decal $decal): string
    {
        return match ($decal->shape) {
            Shape::Ball => 'Its liner still on, the middle of the art on the middle that was marked. On a ball there is no edge to measure from.',
            Shape::Taper => "Its liner still on, the lower edge of the art along the level line; it runs with the taper. Art to top edge {$decal->top->inBoth()} along the wall.",
            Shape::Round => "Its liner still on: art to top edge {$decal->top->inBoth()}, to the mark on its left {$decal->left->inBoth()} along the wall.",
            Shape::Flat => Edge::Within !== $decal->edge
                ? 'Its liner still on, so that it hangs over every edge by as much.'
                : ($decal->inside ? 'From inside, where it reads backwards, its' : 'Its').
                    " liner still on: art to {$decal->side()} edge {$decal->left->inBoth()}, art to top edge {$decal->top->inBoth()}. Check against the centre lines.",
        };
    }

    /** @return list<Step> a line to set it by, where the object has no edge to measure along */
    private function marks(Decal $decal): array
    {
        return $decal->shape->isRound()
            ? [
                new Step(
                    StepKind::MarkPlace,
                    'Mark a level line',
                    match (true) {
                        Shape::Ball === $decal->shape => 'Seen from the front, mark the middle where the art is to be, with a chalk cross.',
                        null === $decal->level => "{$decal->top->plus($decal->art->height)->inBoth()} down the wall from its upper edge, all the way round: that is the foot of the art.",
                        default => 'A pen on a stack of blocks beside it, '.
                            self::stack($decal->level).
                            ', and turn the object once: that is the foot of the art.',
                    },
                    null === $decal->level ? ['rule', 'chalk pen'] : ['blocks', 'chalk pen'],
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
        return PutOn::minutesFor($decal, $this->rules);
    }
}
