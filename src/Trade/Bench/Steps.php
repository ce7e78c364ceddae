<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What to do with a weeded decal, with this decal's own figures and the cautions at the
 * step. Source: handbook sections 10, 11, 13 and 14.
 */
final readonly class Steps
{
    /** @param TapeChoice $tape what this decal is lifted with */
    public function __construct(private Rules $rules, private TapeChoice $tape, private Usage $use)
    {
    }

    /**
     * @param Size   $art    the decal's box
     * @param Size   $object the object's box
     * @param Length $left   from the object's left edge to the art
     * @param Length $top    from the object's top edge to the art
     * @param bool   $young  whether it goes on young paint
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function onTheObject(Size $art, Size $object, Length $left, Length $top, bool $young = false): array
    {
        $middleX = $left->plus($art->width->times(0.5));
        $middleY = $top->plus($art->height->times(0.5));

        return [
            $this->tape($art),
            self::step(
                'Mark the middle',
                "Before the liner comes off, draw both centre lines on the tape. The middle of the art lies {$middleX->inBoth()} from the left edge of the object and {$middleY->inBoth()} from its top.",
            ),
            $young
                ? self::step(
                    'Clean the object',
                    'A dry cloth only: its paint is young, and alcohol would take it off.',
                )
                : self::step(
                    'Clean the object',
                    'Alcohol on a lint-free cloth, then let it dry. Raw wood, canvas or card: dry cloth only.',
                    'Alcohol is flammable: good air, no flame, no sparks.',
                ),
            self::step(
                'Place it',
                "Art to left edge {$left->inBoth()}, art to top edge {$top->inBoth()}. Check against the centre lines, tape a hinge along the top.",
            ),
            self::step(
                'Apply it',
                'Peel the liner away flat, rub down from the middle outwards, then peel the tape back flat on itself, never up.',
                'Cut away from yourself and cap the knife.',
            ),
            self::step(
                'Look it over',
                'Bubbles go to the edge; prick a small one and press. Every dot and accent there?',
                $object->shorter()->toMillimetres() < 40
                    ? 'A small thing for small children must have no loose parts.'
                    : null,
            ),
        ];
    }

    /**
     * @param list<string> $care what the care card says
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function forTheCustomer(Size $art, array $care): array
    {
        return [
            $this->tape($art),
            self::step(
                'Leave it on its liner',
                'Trim the tape square, '.$this->margin()->inBoth().' beyond the art. Draw both centre lines on it.',
                'Cut away from yourself and cap the knife.',
            ),
            self::step('Add a test scrap', 'A corner of the same film for the customer to try on the surface first.'),
            self::step('Pack flat', 'Between card, with the printed steps.'),
            self::step('Add the care card', implode(' ', $care)),
        ];
    }

    /**
     * What lies under the letters: it waits on its liner for the layer above.
     *
     * @param string $above the tag of the letters
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function underneath(Size $art, string $above): array
    {
        return [
            self::step(
                "Lay $above over it",
                "Leave this layer on its liner, {$art->in(Units::Metric)}. Lift $above on its tape, lay it over this one "
                    .'register marks on register marks, burnish from the back and lift both together.',
            ),
        ];
    }

    /**
     * Before letters with other layers under them are applied.
     *
     * @param list<string> $under tags of the layers underneath, the nearest first
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function layered(array $under): array
    {
        return array_map(
            static fn (string $tag): array => self::step(
                "Join it with $tag",
                "Lift this layer on its tape and lay it over $tag while that is still on its liner, register marks on register marks. Burnish from the back, lift both, and take the marks off.",
            ),
            $under,
        );
    }

    /**
     * What was cut in parts is one decal again: before it is taped where the parts stand clear of each other, one by
     * one on the object where they lie over each other.
     *
     * @param list<CutPart> $parts none where it was cut whole
     *
     * @return list<array{title: string, how: string, caution: string|null}>
     */
    public function together(array $parts): array
    {
        if ([] === $parts) {
            return [];
        }
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
        $overlap = false;
        foreach ($parts as $nth => $part) {
            foreach (\array_slice($parts, $nth + 1) as $other) {
                $overlap = $overlap || $part->box->overlaps($other->box);
            }
        }

        return [
            $overlap
                ? self::step(
                    'Mark where each part goes',
                    "It was cut in parts that lie over each other: each goes on its own tape, in the order of the numbers, its register marks on those of the one before. In mm of the whole decal: $where.",
                )
                : self::step(
                    'Lay the parts together',
                    "On their liners, along a straight edge, liner trimmed where it is in the way. In mm of the whole decal: $where.",
                ),
        ];
    }

    /** @return array{title: string, how: string, caution: string|null} */
    private function tape(Size $art): array
    {
        $cover = Taping::cover($art, $this->use, $this->rules);
        $size = new Size(Length::micrometres($cover->width()), Length::micrometres($cover->height()));
        $hinge = Length::micrometres(-$cover->top - $this->margin()->micrometres);

        return self::step(
            'Tape it',
            "Cut {$size->in(Units::Metric)} of ".
                mb_strtolower($this->tape->kind->label()).
                ' tape.'.
                ($hinge->micrometres > 0 ? " {$hinge->inBoth()} of it stand over the top as a hinge." : '').
                ' Lay it from the middle outwards, burnish front and back, peel the liner away flat.',
        );
    }

    private function margin(): Length
    {
        return Length::millimetres($this->rules->value(Rule::TapeMargin));
    }

    /** @return array{title: string, how: string, caution: string|null} */
    private static function step(string $title, string $how, ?string $caution = null): array
    {
        return ['title' => $title, 'how' => $how, 'caution' => $caution];
    }
}
