<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Film that covers a thing over its edges: cut in at each bend, folded under. */
final readonly class OverEdge implements WorkRule
{
    private const CAUTION = 'Cut away from yourself, and not into the object.';

    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Over an edge';
    }

    public function steps(Decal $decal): array
    {
        return match (true) {
            !$decal->appliedHere, Edge::Within === $decal->on->edge => [],
            Edge::Trimmed === $decal->on->edge => [self::trim($decal)],
            default => [$this->fold($decal)],
        };
    }

    private static function trim(Decal $decal): Step
    {
        $over = $decal->overhang()->most() > 0
            ? "It reaches over by {$decal->overhang()->inWords()}"
            : 'What reaches over comes off';
        $round = $decal->on->corners > 0 ? 'from corner to corner' : 'all round';

        return new Step(
            StepKind::TrimEdge,
            'Trim it along the edge',
            "$over: a sharp blade held flat against the edge, in one go $round.",
            ['knife, new blade'],
            2.0,
            reason: 'A dull blade drags the film.',
            caution: self::CAUTION,
            troubles: [['The film stretches under the blade', 'Break off the blade and cut with the fresh one.']],
        );
    }

    private function fold(Decal $decal): Step
    {
        $most = Length::micrometres($decal->overhang()->most())->inBoth();
        $cut = $decal->on->corners > 0
            ? "At each of the {$decal->on->corners} corners cut in by $most, from the edge of the film to the corner "
                .'of the object'
            : "Every {$this->rules->value(Rule::ReliefEvery)} mm round the edge cut in by $most, from the edge of the "
                .'film to that of the object';

        return new Step(
            StepKind::ReliefCut,
            'Cut in and fold under',
            "$cut; then fold each side under and press.",
            ['knife'],
            max(3.0, 0.7 * $decal->on->corners),
            reason: 'Without the cut it creases and lifts.',
            caution: self::CAUTION,
            troubles: [['It lifts at a corner', 'Warm it a little and press; cut in further where it pulls.']],
        );
    }
}
