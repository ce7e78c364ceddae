<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The strips of tape that lift a decal: its art, a margin all round and a hinge at the top of large and vehicle work,
 * in as few strips as the rolls allow. Source: handbook section 10.
 */
final readonly class Taping
{
    /** @param non-empty-list<Box> $strips in the art's own frame, its top left the origin, µm */
    private function __construct(
        public TapeChoice $choice,
        public TapeRoll $roll,
        public int $hinge,
        public array $strips,
    ) {
    }

    /**
     * @param list<TapeRoll> $rolls what there is
     *
     * @throws Refused where there is no roll of a fitting kind
     */
    public static function of(Size $art, TapeChoice $choice, Usage $use, array $rolls, Rules $rules): self
    {
        $hinge = self::hinge($art, $use, $rules);
        $all = self::cover($art, $use, $rules);
        $fitting = self::fitting($choice->kind, $rolls);
        if ([] === $fitting && null !== $choice->other) {
            $fitting = self::fitting($choice->other[0], $rolls);
        }
        $best = null;
        foreach ($fitting as $roll) {
            $strips = self::strips($all, $roll->width, $rules->micrometres(Rule::TapeOverlap));
            if (null !== $strips && (null === $best || \count($strips) < \count($best[1]))) {
                $best = [$roll, $strips];
            }
        }
        if (null === $best) {
            throw new Refused(
                'no-tape',
                "There is no {$choice->kind->inWords()} among the rolls. {$choice->why}",
                '/rolls',
            );
        }

        return new self($choice, $best[0], $hinge, $best[1]);
    }

    /** The art with its margin all round and its hinge at the top, in the art's own frame, µm. */
    public static function cover(Size $art, Usage $use, Rules $rules): Box
    {
        $margin = $rules->micrometres(Rule::TapeMargin);

        return new Box(
            -$margin,
            -$margin - self::hinge($art, $use, $rules),
            $art->width->micrometres + $margin,
            $art->height->micrometres + $margin,
        );
    }

    /** All strips, mm². */
    public function area(): float
    {
        return array_sum(
            array_map(
                static fn (Box $strip): float => ($strip->width() / 1e3) * ($strip->height() / 1e3),
                $this->strips,
            ),
        );
    }

    /** How much comes off the roll, µm. */
    public function length(): int
    {
        return array_sum(
            array_map(
                fn (Box $strip): int => match (true) {
                    $strip->width() <= $this->roll->width && $strip->height() <= $this->roll->width => min(
                        $strip->width(),
                        $strip->height(),
                    ),
                    $strip->height() <= $this->roll->width => $strip->width(),
                    default => $strip->height(),
                },
                $this->strips,
            ),
        );
    }

    private static function hinge(Size $art, Usage $use, Rules $rules): int
    {
        $longer = max($art->width->micrometres, $art->height->micrometres);

        return Usage::Vehicle === $use || $longer > $rules->micrometres(Rule::HingeOver)
            ? $rules->micrometres(Rule::Hinge)
            : 0;
    }

    /**
     * @param list<TapeRoll> $rolls
     *
     * @return list<TapeRoll> the narrowest first
     */
    private static function fitting(TapeKind $kind, array $rolls): array
    {
        $fitting = array_values(array_filter($rolls, static fn (TapeRoll $roll): bool => $roll->kind === $kind));
        usort($fitting, static fn (TapeRoll $a, TapeRoll $b): int => $a->width <=> $b->width);

        return $fitting;
    }

    /**
     * Strips beside each other, or below each other where those are fewer.
     *
     * @return non-empty-list<Box>|null none where a roll is no wider than strips overlap
     */
    private static function strips(Box $all, int $roll, int $overlap): ?array
    {
        if ($roll <= $overlap) {
            return null;
        }
        $many = static fn (int $side): int => $side <= $roll
            ? 1
            : (int) ceil(($side - $overlap) / ($roll - $overlap));
        [$across, $down] = [$many($all->width()), $many($all->height())];
        $count = min($across, $down);
        $side = $across < $down ? $all->width() : $all->height();
        // All alike, so that none is a sliver; the last one ends where the tape ends.
        $each = (int) ceil(($side + ($count - 1) * $overlap) / $count);

        return array_map(static function (int $nth) use ($all, $count, $side, $each, $overlap, $across, $down): Box {
            $from = $nth === $count - 1 ? $side - $each : $nth * ($each - $overlap);

            return $across < $down
                ? new Box($all->left + $from, $all->top, $all->left + $from + $each, $all->bottom)
                : new Box($all->left, $all->top + $from, $all->right, $all->top + $from + $each);
        }, range(0, max(0, $count - 1)));
    }
}
