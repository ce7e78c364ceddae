<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Coats over a decal, or paint behind it: each dry before the next. */
final readonly class Finished implements WorkRule
{
    public function __construct(private Rules $rules)
    {
    }

    public function name(): string
    {
        return 'Finish';
    }

    public function steps(Decal $decal): array
    {
        $coats = $decal->finish->coats();
        if (!$decal->appliedHere || null === $coats) {
            return [];
        }
        $of = (int) $this->rules->value($coats[0]);
        $wait = (int) round($this->rules->value($coats[1]));
        [$title, $how, $needs, $caution] = self::coat($decal->finish);
        $steps = [];
        for ($coat = 1; $coat <= $of; ++$coat) {
            $steps[] = new Step(
                Finish::PaintedBehind === $decal->finish ? StepKind::PaintBehind : StepKind::Coat,
                $of > 1 ? "$title, $coat of $of" : $title,
                $how,
                $needs,
                $this->rules->value(Rule::CoatMinutes),
                $wait,
                reason: 'Several pieces are coated in one go.',
                caution: $caution,
                troubles: [['It runs or beads', 'Let it dry, rub it down with a fine pad, and lay a thinner one.']],
            );
        }

        return $steps;
    }

    /** @return array{string, string, list<string>, string|null} title, how, needs and caution */
    private static function coat(Finish $finish): array
    {
        return match ($finish) {
            Finish::PaintedBehind => [
                'Paint behind',
                'On the rough side, thin, all of it one way. The face stays covered until all is dry.',
                ['acrylic paint', 'soft brush'],
                null,
            ],
            Finish::Resin => [
                'Pour the resin',
                'Mixed by its maker’s sheet, from the middle, level; a flame is not held to it.',
                ['resin', 'gloves', 'mask'],
                'Gloves, and a mask to the maker’s sheet; good air.',
            ],
            Finish::Sprayed => [
                'Spray a light coat',
                'From 25 cm, never still, a little beyond the edges.',
                ['sealer, spray'],
                'Spray coats burn: outdoors or good air, no flame, no sparks.',
            ],
            default => [
                'Brush a light coat',
                'One way, over the edges of the film and a little beyond.',
                ['sealer', 'soft brush'],
                null,
            ],
        };
    }
}
