<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\TapeKind;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Nearly everything goes over on tape: cling only when it is large. */
final readonly class Taped implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Transfer tape';
    }

    /** Whether a decal is lifted with tape at all. */
    public static function isTaped(Decal $decal, Rules $rules): bool
    {
        return Film::Cling !== $decal->film || $decal->longer() > $rules->micrometres(Rule::ClearTapeUpTo);
    }

    public function steps(Decal $decal): array
    {
        return self::isTaped($decal, $this->rules)
            ? [$this->tape($decal), $this->burnish(), $this->trim($decal), self::mark($decal)]
            : [];
    }

    private function tape(Decal $decal): Step
    {
        $tape = $decal->tape->choice->kind->inWords();
        $cover = $decal->tape->cover;
        $size = (new Size(Length::micrometres($cover->width()), Length::micrometres($cover->height())))
            ->in(Units::Metric);
        $hinge = $decal->tape->hinge > 0
            ? ' '.Length::micrometres($decal->tape->hinge)->inBoth().' of it stand over the top, for the hinge and '
                .'for hands.'
            : '';
        $long = $decal->longer() / 100_000;

        return new Step(
            StepKind::Tape,
            'Lay the tape',
            "Cut $size of $tape{$this->strips($decal)}.$hinge Lay it from the middle outwards.",
            ["$tape, $size", 'squeegee'],
            $this->rules->value(Rule::TapeMinutes) / 2 + $this->rules->value(Rule::TapeLong) * $long,
            reason: $decal->tape->choice->why,
            troubles: [
                ['The tape wrinkles', 'It was laid from one side: lift it, and lay it from the middle outwards.'],
            ],
            other: self::other($decal),
        );
    }

    private function burnish(): Step
    {
        return new Step(
            StepKind::BurnishTape,
            'Burnish both sides',
            'The squeegee over the tape, then turn it over and once more over the liner.',
            ['squeegee'],
            $this->rules->value(Rule::TapeMinutes) / 4,
        );
    }

    private function trim(Decal $decal): Step
    {
        $beyond = Length::micrometres(-$decal->tape->cover->left)->inBoth();

        return new Step(
            StepKind::Trim,
            'Trim the tape',
            "Square, $beyond beyond the art; to the art where a side goes into a corner.",
            ['knife', 'rule'],
            $this->rules->value(Rule::TapeMinutes) / 4,
            caution: 'Cut away from yourself and cap the knife.',
        );
    }

    private static function mark(Decal $decal): Step
    {
        return new Step(
            StepKind::MarkMiddle,
            'Mark the middle',
            'Draw both centre lines on the tape.'.($decal->appliedHere ? ' '.self::middle($decal) : ''),
            ['pencil', 'rule'],
            0.5,
            reason: 'Once the liner is off the tape is too sticky to mark.',
        );
    }

    private static function other(Decal $decal): ?OtherWay
    {
        if (null === $decal->tape->choice->other) {
            return null;
        }
        [$kind, $why] = $decal->tape->choice->other;

        return new OtherWay(
            Rule::VehicleTape,
            TapeKind::Paper === $kind ? TapeChoice::PAPER : TapeChoice::CLEAR,
            "With {$kind->inWords()}",
            $why,
        );
    }

    /** Along the wall of a taper. */
    private static function fromFront(Decal $decal): string
    {
        $by = $decal->on->along[0] ?? 0;

        return abs($by) < 500
            ? 'on the middle of its front'
            : Length::micrometres(abs($by))->inBoth().' to the '.($by > 0 ? 'right' : 'left').' of the middle of its '
                .'front';
    }

    private function strips(Decal $decal): string
    {
        return 1 === $decal->tape->strips
            ? ''
            : ", in {$decal->tape->strips} strips side by side, each over the one before by "
                ."{$this->rules->value(Rule::TapeOverlap)} mm";
    }

    /** Where the middle of the art goes, by what the object can be measured from. */
    private static function middle(Decal $decal): string
    {
        $x = $decal->left->plus($decal->art->width->times(0.5))->inBoth();
        $top = null === $decal->on->along ? $decal->top : Length::micrometres($decal->on->along[1]);
        $y = $top->plus($decal->art->height->times(0.5))->inBoth();

        return match ($decal->on->shape) {
            Shape::Ball => 'Where they cross goes on the middle that is marked.',
            Shape::Taper => 'Where they cross goes '.self::fromFront($decal).
                ", the middle of the art $y down the wall from the top edge.",
            Shape::Flat => "The middle of the art goes $x from the {$decal->side()} edge of the object and $y from "
                .'its top.',
            default => "The middle of the art goes $x along the wall from where it was measured, and $y from the top "
                .'edge.',
        };
    }
}
