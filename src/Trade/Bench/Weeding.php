<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What stays, what comes out, in which order and how long it takes, counted from the
 * outlines. Source: handbook section 9.
 */
final readonly class Weeding
{
    public const SURROUND_FIRST = 'surround-first';
    public const INSIDES_FIRST = 'insides-first';

    /** Strokes finer than this, mm, come up with the surround when it is pulled. */
    private const DELICATE = 2.5;

    /** The film that is there before weeding: the decal's box and half the scissor gap all round. */
    public Box $block;
    /** @var list<Part> */
    public array $keeps;
    /** @var list<Part> the surround first */
    public array $waste;
    public string $school;
    public string $why;
    /** @var list<Part> to be picked out from the sticky side of the tape */
    public array $reverse;
    public float $minutes;

    public function __construct(Region $layer, Film $film, Rules $rules)
    {
        $this->keeps = array_map(static fn (Region $piece): Part => new Part($piece), $layer->pieces());
        $this->block = $layer->box()->grown(intdiv($rules->micrometres(Rule::GapBetweenOrders), 2));
        $this->waste = self::wasteOf($layer, $this->block);
        $this->reverse = $this->small($rules->value(Rule::ReverseUnder));
        [$this->school, $this->why] = $this->decide();
        $this->minutes = $this->timed($layer, $film, $rules);
    }

    /** mm the knife goes round what stays. */
    public function outline(): float
    {
        return array_sum(array_map(static fn (Part $part): float => $part->region->outlineLength(), $this->keeps));
    }

    /** @return list<Part> the inside pieces, which have to be counted out */
    public function insides(): array
    {
        return array_values(array_filter($this->waste, static fn (Part $part): bool => $part->inside));
    }

    /** @return list<Part> */
    private static function wasteOf(Region $layer, Box $block): array
    {
        $surrounds = $insides = [];
        foreach (Geos::difference($block->region(), $layer)->pieces() as $piece) {
            $box = $piece->box();
            if ($box->left <= $block->left && $box->right >= $block->right) {
                $surrounds[] = new Part($piece);
            } else {
                $insides[] = new Part($piece, true);
            }
        }
        usort(
            $insides,
            static fn (Part $a, Part $b): int => [$a->region->box()->left, $a->region->box()->top] <=> [
                $b->region->box()->left,
                $b->region->box()->top,
            ],
        );

        return [...$surrounds, ...$insides];
    }

    /** @return list<Part> counters and islands under a size in mm */
    private function small(float $under): array
    {
        $counters = array_filter($this->insides(), static fn (Part $part): bool => $part->across() < $under);
        $islands = array_filter($this->keeps, static fn (Part $part): bool => $part->long() < $under);

        return [...array_values($counters), ...array_values($islands)];
    }

    /** @return array{string, string} */
    private function decide(): array
    {
        $finest = \INF;
        foreach ($this->keeps as $part) {
            $finest = min($finest, $part->stroke());
        }
        $loops = \count($this->insides());
        if ([] === $this->insides()) {
            return [self::SURROUND_FIRST, 'There are no inside pieces to lift first.'];
        }
        if ($finest < self::DELICATE || $loops > 3 * \count($this->keeps)) {
            $reason =
                $finest < self::DELICATE
                    ? 'The finest strokes are about '.round($finest, 1).' mm wide and could lift with the surround.'
                    : "There are $loops inside pieces in ".
                        \count($this->keeps).
                        ' connected parts: loops lift with the surround.';

            return [self::INSIDES_FIRST, $reason];
        }

        return [
            self::SURROUND_FIRST,
            'Strokes are about '.round($finest, 1).' mm wide and more, nothing thin to lift.',
        ];
    }

    private function timed(Region $layer, Film $film, Rules $rules): float
    {
        $seconds =
            $rules->value(Rule::WeedStart) +
            $rules->value(Rule::WeedPiece) * \count($this->waste) +
            $layer->outlineLength() / $rules->value(Rule::WeedCut);
        $small = $rules->value(Rule::WeedSmall);
        $hard = Film::Glitter === $film;
        foreach ($this->keeps as $part) {
            $hard = $hard || $part->narrow() < $small;
        }
        foreach ($this->insides() as $part) {
            $hard = $hard || $part->across() < $small;
        }

        return round(($seconds * ($hard ? $rules->value(Rule::WeedHard) : 1)) / 60, 2);
    }
}
