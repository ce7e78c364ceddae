<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Refused;

/**
 * Cures that were tried: each is drawn and checked again, and shown only where its snag is gone
 * and no new stop appeared. Source: handbook section 5.
 */
final readonly class CureSearch
{
    /** Seconds of the processor after which no further cure is tried. */
    private const PATIENCE = 3.5;
    /** Members of a set that cures are tried on. */
    private const MOST_MEMBERS = 3;
    /** Of a figure that is too small: a cure leaves others as they were, but for rounding. */
    private const AS_BAD = 0.02;

    public function __construct(
        private DesignFitter $fitter,
        private DesignCheck $check,
        private RosterCheck $rosters,
        private CureAttempts $attempts,
        private StillWanted $wanted,
    ) {
    }

    /**
     * Of a set those members are looked at that have least to spare, and the one that decides its letter height.
     *
     * @return list<array{SnagGroup, list<Cure>}> for every kind of snag what helps against it, in the order of the
     *     check
     *
     * @throws Refused where the words cannot be drawn at all
     */
    public function all(Drawable $decal): array
    {
        $drawn = $this->drawn($decal);
        $groups = $this->groups($decal, $drawn);
        if ([] !== $decal->roster) {
            // The least to spare first; whoever is longest decides how high the others are.
            $inNeed = array_map(
                static fn (int $nth): array => $decal->roster[$nth],
                \array_slice(array_keys($drawn), 0, self::MOST_MEMBERS),
            );
            $all = [...$inNeed, Roster::longest($decal->roster)];
            $decal = $decal->of(array_values(array_unique($all, \SORT_REGULAR)));
        }

        $until = Patience::seconds() + self::PATIENCE;

        return array_map(
            fn (SnagGroup $group): array => [$group, $this->against($group, $groups, $decal, $drawn, $until)],
            $groups,
        );
    }

    /**
     * @param list<SnagGroup>             $groups
     * @param non-empty-array<int, Fitted> $drawn
     * @param float                       $until when it is enough, in seconds of the processor
     *
     * @return list<Cure>
     */
    private function against(SnagGroup $group, array $groups, Drawable $decal, array $drawn, float $until): array
    {
        $cures = [];
        foreach ($group->cures as $cure) {
            $said = $cure['do']->said();
            if (null !== $said) {
                $cures[] = new Cure($cure['do'], $said);
                continue;
            }
            foreach ($this->attempts->of($cure, $decal, reset($drawn)) as $attempt) {
                $this->wanted->orStop();
                if (Patience::seconds() > $until) {
                    break 2;
                }
                $effect = $this->tried($group, $groups, $attempt->decal, $drawn);
                if (null !== $effect) {
                    $cures[] = new Cure($cure['do'], $attempt->says, $effect, $attempt->change);
                    break;
                }
            }
        }

        return $cures;
    }

    /**
     * What it comes to for a decal, or for every member of a set: the one with least to spare is asked first.
     *
     * @param list<SnagGroup>              $before
     * @param non-empty-array<int, Fitted> $drawn  before
     */
    private function tried(SnagGroup $cured, array $before, Drawable $decal, array $drawn): ?string
    {
        $height = $decal->design->capHeight();
        if (null !== $height && $height > min(array_map(static fn (Fitted $fitted): int => $fitted->largest, $drawn))) {
            // Larger than there is room for: known without drawing it.
            return null;
        }
        if ([] !== $decal->roster) {
            $one = new Drawable(
                $decal->object,
                $decal->lines,
                $decal->design->sized($height ?? reset($drawn)->capHeight),
                $decal->film,
                $decal->use,
            );
            if (null === $this->effect($cured, $before, $one, $drawn)) {
                return null;
            }
        }

        return $this->effect($cured, $before, $decal, $drawn);
    }

    /** @param list<SnagGroup> $groups */
    private static function holds(SnagGroup $snag, array $groups): bool
    {
        foreach ($groups as $group) {
            if (
                $group->code === $snag->code
                && $group->severity === $snag->severity
                && ([] === $group->spots) === ([] === $snag->spots)
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * What it comes to; none where it does not help, or makes something else worse.
     *
     * @param list<SnagGroup>              $before
     * @param non-empty-array<int, Fitted> $drawn  before
     */
    private function effect(SnagGroup $cured, array $before, Drawable $decal, array $drawn): ?string
    {
        try {
            $redrawn = $this->drawn($decal);
        } catch (Refused) {
            return null;
        }
        $after = $this->groups($decal, $redrawn);
        $known = CureEffect::stops($before);
        foreach (CureEffect::stops($after) as $code => $stop) {
            if (
                !isset($known[$code])
                || $stop->count > $known[$code]->count
                || $stop->excess > $known[$code]->excess + self::AS_BAD
            ) {
                return null;
            }
        }

        return self::holds($cured, $after) ? null : CureEffect::inWords($drawn, $redrawn, $before, $after);
    }

    /**
     * @return non-empty-array<int, Fitted>
     *
     * @throws Refused
     */
    private function drawn(Drawable $decal): array
    {
        return [] === $decal->roster
            ? [$this->fitter->fit($decal->object, $decal->lines, $decal->design)]
            : $this->rosters->tightest(
                $decal->object,
                $decal->roster,
                $decal->design,
                $decal->film,
                $decal->use,
            );
    }

    /**
     * @param non-empty-array<int, Fitted> $drawn
     *
     * @return list<SnagGroup>
     */
    private function groups(Drawable $decal, array $drawn): array
    {
        return $this->check->ofAll($drawn, $decal->object, $decal->film, $decal->use);
    }
}
