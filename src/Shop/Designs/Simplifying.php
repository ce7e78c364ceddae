<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Refused;

/**
 * Makes art that is too fine to cut simpler, in steps of mending that each leave fewer stops: where no single cure is
 * enough. That which changes least for each stop it takes away comes first. Source: handbook section 5.
 */
final readonly class Simplifying
{
    private const MOST_STEPS = 6;
    /** %: a change nobody sees counts as much, so that of those the one that helps most comes first. */
    private const LEAST_CHANGE = 0.1;
    /** Seconds of the processor after which no further step is tried. */
    private const PATIENCE = 3.0;

    public function __construct(
        private DesignFitter $fitter,
        private DesignCheck $check,
        private CureAttempts $attempts,
    ) {
    }

    /**
     * Of one decal; a set is cured by its letter height.
     *
     * @throws Refused where it cannot be drawn at all
     */
    public function of(Drawable $decal): Simplified
    {
        $until = Patience::seconds() + self::PATIENCE;
        $fitted = $first = $this->fitted($decal);
        $stops = $this->stops($decal, $fitted);
        $steps = $change = [];
        while ([] !== $stops && \count($steps) < self::MOST_STEPS && Patience::seconds() < $until) {
            $best = $this->best($decal, $fitted, $stops, $until);
            if (null === $best) {
                break;
            }
            [$attempt, $redrawn, $after] = $best;
            [$gone, $come] = self::changed($first, $redrawn);
            $steps[] = new SimplifiedStep($attempt->says, self::count($stops), self::count($after), $gone, $come);
            $change = [...$change, ...$attempt->change->setting];
            [$decal, $fitted, $stops] = [$attempt->decal, $redrawn, $after];
        }

        return new Simplified($steps, self::count($stops), $change);
    }

    /**
     * The attempt that changes least for each stop it takes away: a hook drops dots before a knife thickens everything.
     *
     * @param non-empty-list<SnagGroup> $stops
     *
     * @return array{CureAttempt, Fitted, list<SnagGroup>}|null none where nothing leaves fewer
     */
    private function best(Drawable $decal, Fitted $fitted, array $stops, float $until): ?array
    {
        $best = null;
        $least = \INF;
        $before = self::count($stops);
        foreach ($this->tries($decal, $fitted, $stops) as $attempt) {
            if (Patience::seconds() > $until) {
                break;
            }
            try {
                $redrawn = $this->fitted($attempt->decal);
                $after = $this->stops($attempt->decal, $redrawn);
            } catch (Refused) {
                continue;
            }
            $gone = $before - self::count($after);
            if ($gone <= 0) {
                continue;
            }
            $cost = (self::LEAST_CHANGE + array_sum(self::changed($fitted, $redrawn))) / $gone;
            if ($cost < $least) {
                $least = $cost;
                $best = [$attempt, $redrawn, $after];
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<SnagGroup> $stops
     *
     * @return iterable<CureAttempt>
     */
    private function tries(Drawable $decal, Fitted $fitted, array $stops): iterable
    {
        foreach ($stops as $stop) {
            foreach ($stop->cures as $cure) {
                if ($cure['do']->isMending()) {
                    yield from $this->attempts->of($cure, $decal, $fitted);
                }
            }
        }
    }

    /** @throws Refused */
    private function fitted(Drawable $decal): Fitted
    {
        return $this->fitter->fit($decal->object, $decal->lines, $decal->design);
    }

    /** @return list<SnagGroup> those that mending can do something about */
    private function stops(Drawable $decal, Fitted $fitted): array
    {
        return array_values(array_filter(
            $this->check->ofAll([$fitted], $decal->object, $decal->film, $decal->use),
            static fn (SnagGroup $group): bool => Severity::Stop === $group->severity
                && [] !== array_filter(
                    array_column($group->cures, 'do'),
                    static fn (Remedy $do): bool => $do->isMending(),
                ),
        ));
    }

    /** @param list<SnagGroup> $stops */
    private static function count(array $stops): int
    {
        return array_sum(array_map(static fn (SnagGroup $stop): int => $stop->count, $stops));
    }

    /** @return array{float, float} % of the film before that is gone, and that has come; both at one size */
    private static function changed(Fitted $before, Fitted $after): array
    {
        $one = self::laid($before);
        $other = self::laid($after);
        $all = max(1.0, $one->area());

        return [
            round(100 * Geos::difference($one, $other)->area() / $all, 1),
            round(100 * Geos::difference($other, $one)->area() / $all, 1),
        ];
    }

    /** Its film where it lies on the object. */
    private static function laid(Fitted $fitted): Region
    {
        return $fitted->artwork->top()->moved(...$fitted->at);
    }
}
