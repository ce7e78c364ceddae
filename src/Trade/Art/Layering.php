<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Geometry\Crossings;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Shapes painted over each other as layers of film, one for each colour, the last painted on
 * top. Laid over each other they look as the drawing does; a layer underneath stays whole.
 */
final class Layering
{
    private const MOST_PAINTED = 5 * VectorArt::MOST_COLOURS;

    /** @var list<array{string, list<Region>}> runs of shapes of one colour, in the order they are painted */
    private array $runs = [];
    /** @var array<string, bool> */
    private array $known = [];

    public function __construct(private readonly Notes $notes)
    {
    }

    /** Paints a region over what is there. */
    public function paint(string $colour, Region $region): void
    {
        $key = $colour.hash('xxh128', serialize($region));
        if (isset($this->known[$key])) {
            $this->notes->putRight('doubled shape', 'cut once');

            return;
        }
        $this->known[$key] = true;
        $last = \count($this->runs) - 1;
        if ($last >= 0 && $this->runs[$last][0] === $colour) {
            $this->runs[$last][1][] = $region;
        } else {
            $this->runs[] = [$colour, [$region]];
        }
    }

    /**
     * @return array<string, Region> by colour, the top one first
     *
     * @throws Refused where they cross too often, or have too many colours
     */
    public function layers(): array
    {
        $colours = \count(array_unique(array_column($this->runs, 0)));
        // What is painted over does not count, but nobody hides so much.
        if ($colours > self::MOST_PAINTED) {
            throw VectorArt::tooManyColours($colours);
        }
        Crossings::refuseTangles(
            array_merge(
                ...array_map(
                    static fn (array $run): array => array_merge(
                        ...array_map(static fn (Region $region): array => $region->rings(), $run[1]),
                    ),
                    $this->runs,
                ),
            ),
        );
        $runs = array_map(fn (array $run): array => [$run[0], $this->together($run[1])], $this->runs);
        $ranks = [];
        foreach ($runs as $nth => [$colour]) {
            $ranks[$colour] = $nth;
        }
        arsort($ranks);
        $layers = [];
        foreach (array_keys($ranks) as $colour) {
            $parts = [];
            foreach ($runs as $nth => [$of, $region]) {
                if ($of === $colour) {
                    $parts[] = $this->seen($region, \array_slice($runs, $nth + 1), $ranks, $ranks[$colour]);
                }
            }
            $layers[$colour] = Geos::union($parts);
        }

        return $layers;
    }

    /**
     * Less what is painted over it later and yet lies in a layer further down.
     *
     * @param list<array{string, Region}> $later
     * @param array<string, int>          $ranks
     */
    private function seen(Region $region, array $later, array $ranks, int $rank): Region
    {
        foreach ($later as [$colour, $over]) {
            if (
                $ranks[$colour] < $rank
                && !$region->isEmpty()
                && !$over->isEmpty()
                && $region->box()->overlaps($over->box())
            ) {
                $region = Geos::difference($region, $over);
            }
        }

        return $region;
    }

    /** @param list<Region> $regions */
    private function together(array $regions): Region
    {
        if (1 === \count($regions)) {
            return $regions[0];
        }
        $all = Geos::union($regions);
        if (
            \count($all->polygons) <
            array_sum(array_map(static fn (Region $region): int => \count($region->polygons), $regions))
        ) {
            $this->notes->putRight('shapes that overlap', 'fused, so that the knife does not cross them');
        }

        return $all;
    }
}
