<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rules;

/**
 * What to try next on a film, a machine and a blade, from all that was judged so far.
 *
 * A blade only gets duller: what was too little stays too little, and what was too much at more metres is too much at
 * fewer. What other films and blades showed only says where to begin. Source: handbook section 8, "Test cut first".
 */
final readonly class TestCut
{
    /** Of the force, for each 100 m a blade cuts. */
    private const WEAR = 0.05;
    /** m: a clean cut says as much for what comes right after it. */
    private const FRESH = 60.0;
    /** Of a force that was too little or too much: the first step away from it; each further one is as much again. */
    private const AWAY = 0.1;

    /** Grams. */
    public float $force;
    public int $passes;
    /** The highest force judged too little and the lowest judged too much; none where there is none. */
    public ?float $least;
    public ?float $most;
    /** Whether a test cut is needed before the job. */
    public bool $test;
    public string $why;

    /**
     * @param array{least: float, most: float, step: float} $machine grams
     * @param float $metres metres the blade has cut
     * @param list<JudgedCut>                               $log     the oldest first
     */
    public function __construct(
        private Film $film,
        private array $machine,
        private string $blade,
        private float $metres,
        private array $log,
        private Rules $rules,
    ) {
        $own = $this->own(1);
        $this->passes = $this->isTooWeak($own) ? 2 : 1;
        $own = 1 === $this->passes ? $own : $this->own(2);
        $this->least = $this->tooLittle($own);
        $this->most = $this->tooMuch($own);
        $last = [] === $own ? null : $own[\count($own) - 1];
        if (
            CutVerdict::Clean === $last?->verdict
            && $this->metres - $last->metres <= self::FRESH
            && $this->isOpen($last->force)
        ) {
            $this->force = $last->force;
            $this->test = false;
            $this->why = 'This force cut cleanly here, on this film and blade, and the blade has cut little since.';

            return;
        }
        $this->force = $this->next($own);
        $this->test = true;
        $this->why = match (true) {
            null === $last => 'Nothing was judged on this film and blade yet: it begins where others came out well.',
            CutVerdict::Shallow === $last->verdict => 'The film was not through: more force.',
            CutVerdict::Deep === $last->verdict => 'The liner was cut: less force.',
            default => 'It cut cleanly once, but the blade has cut much since.',
        };
    }

    /** @return list<JudgedCut> on this film and blade, in so many passes */
    private function own(int $passes): array
    {
        return array_values(
            array_filter(
                $this->log,
                fn (JudgedCut $cut): bool => $cut->film === $this->film
                    && $cut->blade === $this->blade
                    && $cut->passes === $passes,
            ),
        );
    }

    /** @param list<JudgedCut> $own */
    private function isTooWeak(array $own): bool
    {
        $least = $this->tooLittle($own);

        return null !== $least && $least >= $this->machine['most'];
    }

    /** @param list<JudgedCut> $own */
    private function tooLittle(array $own): ?float
    {
        $forces = array_map(
            static fn (JudgedCut $cut): float => $cut->force,
            array_filter(
                $own,
                fn (JudgedCut $cut): bool => CutVerdict::Shallow === $cut->verdict && $cut->metres <= $this->metres,
            ),
        );

        return [] === $forces ? null : max($forces);
    }

    /** @param list<JudgedCut> $own */
    private function tooMuch(array $own): ?float
    {
        $forces = array_map(
            static fn (JudgedCut $cut): float => $cut->force,
            array_filter(
                $own,
                fn (JudgedCut $cut): bool => CutVerdict::Deep === $cut->verdict && $cut->metres >= $this->metres,
            ),
        );

        return [] === $forces ? null : min($forces);
    }

    private function isOpen(float $force): bool
    {
        return (null === $this->least || $force > $this->least) && (null === $this->most || $force < $this->most);
    }

    /** @param list<JudgedCut> $own */
    private function next(array $own): float
    {
        $begin = $this->begin();
        $away = 1 + self::AWAY * max(1, \count(array_filter(
            $own,
            static fn (JudgedCut $cut): bool => CutVerdict::Clean !== $cut->verdict,
        )));
        $last = [] === $own ? null : $own[\count($own) - 1];
        // What the last cut showed counts even where it proves nothing for a blade that has cut since.
        $floor = max($this->least ?? 0.0, CutVerdict::Shallow === $last?->verdict ? $last->force : 0.0);
        $ceiling = min($this->most ?? \INF, CutVerdict::Deep === $last?->verdict ? $last->force : \INF);
        $force = match (true) {
            $begin > $floor && $begin < $ceiling => $begin,
            $floor > 0 && is_finite($ceiling) && $floor < $ceiling => ($floor + $ceiling) / 2,
            $begin <= $floor => $floor * $away,
            default => $ceiling / $away,
        };

        return $this->stepped($force, $floor, $ceiling);
    }

    /** Where to begin, by the handbook and by what came out cleanly elsewhere. */
    private function begin(): float
    {
        $start = fn (Film $film): float => $this->rules->value(StartForce::of($film));
        $own = $others = [];
        foreach ($this->log as $cut) {
            if (CutVerdict::Clean !== $cut->verdict || $cut->passes !== $this->passes) {
                continue;
            }
            // As if this blade had cut as much as it has now.
            $worn = 1 + (self::WEAR * ($this->metres - $cut->metres)) / 100;
            $share = ($cut->force * max(0.5, $worn)) / $start($cut->film);
            if ($cut->film === $this->film) {
                $own[$cut->blade === $this->blade ? 'here' : 'elsewhere'][] = $share;
            } elseif ($cut->blade === $this->blade) {
                $others[] = $share;
            }
        }
        $shares = $own['here'] ?? ([] === $others ? $own['elsewhere'] ?? [] : $others);
        sort($shares);

        return $start($this->film) * (1 === $this->passes ? 1 : 0.7) *
            ([] === $shares ? 1.0 : $shares[intdiv(\count($shares) - 1, 2)]);
    }

    /** In steps of the machine, between what was too little and too much where there is a step between. */
    private function stepped(float $force, float $floor, float $ceiling): float
    {
        $step = $this->machine['step'];
        $on = static fn (float $at): float => round($at / $step) * $step;
        $stepped = $on($force);
        if ($stepped <= $floor) {
            $stepped = (floor($floor / $step) + 1) * $step;
        }
        if ($stepped >= $ceiling) {
            $stepped = (ceil($ceiling / $step) - 1) * $step;
        }
        if ($stepped <= $floor && $floor > 0) {
            $stepped = min($floor + $step, $ceiling);
        }

        return max($this->machine['least'], min($this->machine['most'], $stepped));
    }
}
