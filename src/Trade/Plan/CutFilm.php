<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;

/** The weeded film is pressed to its liner once more; what was cut in parts is one decal again. */
final readonly class CutFilm implements WorkRule
{
    public function name(): string
    {
        return 'Film as it comes from weeding';
    }

    public function steps(Decal $decal): array
    {
        return [
            new Step(
                StepKind::Burnish,
                'Burnish the film',
                Film::Glitter === $decal->film
                    ? 'A sheet of liner over it, then the squeegee firmly over every part: glitter is textured.'
                    : 'A sheet of liner over it, then the squeegee over every part, from the middle outwards.',
                ['squeegee'],
                0.5,
                reason: 'What lies flat on its liner comes up with the tape.',
            ),
            ...[] === $decal->detail->parts ? [] : [$this->parts($decal->detail->parts)],
        ];
    }

    /** @param non-empty-list<CutPart> $parts */
    private function parts(array $parts): Step
    {
        $where = implode(
            '; ',
            array_map(
                static fn (CutPart $part): string => \sprintf(
                    'part %d (%s) at %s from the left, %s from the top',
                    $part->number,
                    $part->size()->in(Units::Metric),
                    Length::micrometres(max(0, $part->box->left))->inMetric(),
                    Length::micrometres(max(0, $part->box->top))->inMetric(),
                ),
                $parts,
            ),
        );
        foreach ($parts as $nth => $part) {
            foreach (\array_slice($parts, $nth + 1) as $other) {
                if ($part->box->overlaps($other->box)) {
                    return new Step(
                        StepKind::LayParts,
                        'Mark where each part goes',
                        'It is cut in parts that lie over each other: each goes on its own tape, in the order of the '
                            .'numbers, its register marks on those of the one before. In mm of the whole decal: '
                            ."$where.",
                        ['rule', 'pencil'],
                        2.0 * \count($parts),
                    );
                }
            }
        }

        return new Step(
            StepKind::LayParts,
            'Lay the parts together',
            'On their liners, along a straight edge, liner trimmed where it is in the way. In mm of the whole decal: '
                ."$where.",
            ['rule', 'masking tape'],
            2.0 * \count($parts),
        );
    }
}
