<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

/**
 * The height for a pen held on a stack while the object turns: that marks a level line. Source: handbook section 11.
 */
final readonly class LevelLine
{
    /** µm of the stack. */
    public int $stacked;

    /** @param list<int> $stack blocks of it, the highest first, µm */
    private function __construct(public int $height, public array $stack)
    {
        $this->stacked = array_sum($stack);
    }

    /**
     * The blocks that come nearest to a height, as few as can be, each once.
     *
     * @param int       $height µm above the table
     * @param list<int> $blocks µm
     */
    public static function at(int $height, array $blocks): self
    {
        rsort($blocks);
        /** @var array<int, list<int>> $sums by what they come to, the fewest blocks that do */
        $sums = [0 => []];
        foreach ($blocks as $block) {
            foreach ($sums as $sum => $stack) {
                $with = [...$stack, $block];
                if (!isset($sums[$sum + $block]) || \count($sums[$sum + $block]) > \count($with)) {
                    $sums[$sum + $block] = $with;
                }
            }
        }
        $best = 0;
        foreach ($sums as $sum => $stack) {
            $now = [abs($sum - $height), \count($stack)];
            if ($now < [abs($best - $height), \count($sums[$best])]) {
                $best = $sum;
            }
        }

        return new self($height, $sums[$best]);
    }

    /**
     * The upright height of a place so far down a wall that leans.
     *
     * @param int $slant µm of the whole wall
     * @param int $down  µm along it, from its top
     * @param int $lean  µm by which one end's radius is larger than the other's
     */
    public static function upright(int $slant, int $down, int $lean): int
    {
        return (int) round(($slant - $down) * sqrt(max(0, $slant ** 2 - $lean ** 2)) / $slant);
    }
}
