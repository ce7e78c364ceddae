<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rules;

/** The minutes that a price and a promise count, shared among the steps they are for. Source: handbook section 16. */
final class SharedMinutes
{
    /** What the minutes of tape and trim, of applying, and of packing are spent on. */
    private const TAPING = [
        StepKind::Burnish,
        StepKind::Tape,
        StepKind::BurnishTape,
        StepKind::Trim,
        StepKind::MarkMiddle,
    ];
    private const APPLYING = [
        StepKind::Clean,
        StepKind::MarkPlace,
        StepKind::Position,
        StepKind::Hinge,
        StepKind::PeelLiner,
        StepKind::RubDown,
        StepKind::PeelTape,
        StepKind::LookOver,
    ];
    private const PACKING = [
        StepKind::LeaveOnLiner,
        StepKind::TestScrap,
        StepKind::PackFlat,
        StepKind::CareCard,
    ];

    private function __construct()
    {
    }

    /**
     * Steps share the minutes that a price and a promise count: tape and trim of each film, applying all of them, and a
     * quarter of packing for each thing that is given away, beside that of the parcel. What is not usual is on top.
     * Source: handbook section 16.
     *
     * @param array<string, Step>         $keyed
     * @param non-empty-list<FilmOnThing> $tops
     *
     * @return array<string, Step>
     */
    public static function timed(array $keyed, array $tops, Rules $rules): array
    {
        $minutes = new StepMinutes($rules);
        $applying = 0.0;
        foreach ($tops as $film) {
            $applying += PlacedByFigures::minutesFor($film->decal, $rules);
            if (Taped::isTaped($film->decal, $rules)) {
                $keyed = self::sharing($keyed, self::TAPING, $minutes->tape($film->decal->longer()), $film->name);
            }
        }

        return self::sharing(
            self::sharing($keyed, self::APPLYING, $applying),
            self::PACKING,
            $minutes->pack() / 4,
        );
    }

    /**
     * @param array<string, Step> $keyed
     * @param list<StepKind>      $kinds
     * @param float               $all   minutes they share
     * @param string|null         $film  those of this film; of all where none is named
     *
     * @return array<string, Step>
     */
    private static function sharing(array $keyed, array $kinds, float $all, ?string $film = null): array
    {
        $these = array_filter(
            $keyed,
            static fn (Step $step, string $name): bool => \in_array($step->kind, $kinds, true)
                && (null === $film || $film === (explode('/', $name)[1] ?? '')),
            \ARRAY_FILTER_USE_BOTH,
        );
        $sum = array_sum(array_map(static fn (Step $step): float => $step->minutes, $these));

        return $sum <= 0.0
            ? $keyed
            : array_replace(
                $keyed,
                array_map(static fn (Step $step): Step => $step->lasting($step->minutes * $all / $sum), $these),
            );
    }
}
