<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/** What is thought of where an edge lies, in bins of the logarithm of the force, summed up from below. */
final readonly class ForceShares
{
    private int $first;
    /** @var array<int, float> how much lies up to the end of each bin, from the first on */
    private array $sums;

    /** @param array<int, float> $weights by bin */
    public function __construct(array $weights)
    {
        ksort($weights);
        $this->first = (int) array_key_first($weights);
        $all = array_sum($weights) ?: 1.0;
        $sum = 0.0;
        $sums = [];
        for ($bin = $this->first; $bin <= (int) array_key_last($weights); ++$bin) {
            $sum += ($weights[$bin] ?? 0.0) / $all;
            $sums[] = $sum;
        }
        $this->sums = $sums;
    }

    /**
     * The share that lies below.
     *
     * @param float $at in bins
     */
    public function below(float $at): float
    {
        [$first, $all] = [$this->first, $this->sums];
        $bin = (int) floor($at) - $first;
        if ($bin < 0) {
            return 0.0;
        }
        if ($bin >= \count($all)) {
            return 1.0;
        }
        $before = $all[$bin - 1] ?? 0.0;

        return $before + ($all[$bin] - $before) * ($at - floor($at));
    }
}
