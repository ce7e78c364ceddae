<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * What is cut of several things that lie on one object: those of one film are one piece of film, wherever nothing of
 * another film lies between them. Source: handbook sections 4 and 10.
 */
final readonly class FilmLayers
{
    /** @param list<array{string, Region}> $layers from bottom to top: a film, and all of it at that height */
    private function __construct(public array $layers)
    {
    }

    /** @param list<array{string, Region}> $things from bottom to top: the film of each by any name, and its outline */
    public static function of(array $things): self
    {
        $layers = [];
        foreach ($things as [$film, $region]) {
            $into = null;
            for ($nth = \count($layers) - 1; $nth >= 0; --$nth) {
                if ($layers[$nth][0] === $film) {
                    $into = $nth;
                    break;
                }
                if (self::meet($layers[$nth][1], $region)) {
                    break;
                }
            }
            if (null !== $into) {
                $layers[$into] = [$film, Geos::union([$layers[$into][1], $region])];
                continue;
            }
            $free = self::uncovered(array_values($layers), $film);
            if (null !== $free) {
                $region = Geos::union([$layers[$free][1], $region]);
                unset($layers[$free]);
            }
            $layers = [...$layers, [$film, $region]];
        }

        return new self(array_values($layers));
    }

    /**
     * The uppermost layer of a film that nothing lies over: it can as well be cut with what is laid higher up.
     *
     * @param list<array{string, Region}> $layers
     */
    private static function uncovered(array $layers, string $film): ?int
    {
        for ($nth = \count($layers) - 1; $nth >= 0; --$nth) {
            if ($layers[$nth][0] !== $film) {
                continue;
            }
            $over = array_filter(
                \array_slice($layers, $nth + 1),
                static fn (array $other): bool => self::meet($layers[$nth][1], $other[1]),
            );
            if ([] === $over) {
                return $nth;
            }
        }

        return null;
    }

    /** How many films lie on top of each other where most do. */
    public function depth(): int
    {
        $deep = [];
        foreach ($this->layers as [, $region]) {
            for ($depth = \count($deep); $depth > 0; --$depth) {
                $common = Geos::intersection($deep[$depth - 1], $region);
                if ($common->isEmpty()) {
                    continue;
                }
                $deep[$depth] = isset($deep[$depth]) ? Geos::union([$deep[$depth], $common]) : $common;
            }
            $deep[0] = isset($deep[0]) ? Geos::union([$deep[0], $region]) : $region;
        }

        return \count($deep);
    }

    /** @return list<int> layers, by their places from the bottom, that lie on or under another */
    public function overlapping(): array
    {
        $met = [];
        foreach ($this->layers as $nth => [, $region]) {
            foreach (\array_slice($this->layers, 0, $nth) as $below => [, $other]) {
                if (self::meet($region, $other)) {
                    $met[$nth] = $met[$below] = true;
                }
            }
        }
        ksort($met);

        return array_keys($met);
    }

    /** @return list<int> of each layer: the same number where one lies on the other, or on one that lies on it */
    public function groups(): array
    {
        $groups = array_keys($this->layers);
        foreach ($this->layers as $nth => [, $region]) {
            foreach (\array_slice($this->layers, 0, $nth) as $below => [, $other]) {
                if ($groups[$nth] !== $groups[$below] && self::meet($region, $other)) {
                    $groups = array_map(
                        static fn (int $group): int => $group === $groups[$nth] ? $groups[$below] : $group,
                        $groups,
                    );
                }
            }
        }

        return $groups;
    }

    private static function meet(Region $one, Region $other): bool
    {
        return $one->box()->overlaps($other->box()) && !Geos::intersection($one, $other)->isEmpty();
    }
}
