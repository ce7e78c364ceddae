<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What to try next on a film, a machine and a blade, from all that was judged so far.
 *
 * The force that is likeliest to cut cleanly goes into the job; a test is asked for where that is not likely enough. A
 * blade only gets duller: what was too little stays too little, and what was too much at more metres is too much at
 * fewer; no such force is tried, whatever other films and blades say. Source: handbook section 8, "Test cut first".
 */
final readonly class TestCut
{
    /**
     * A later test may be this likely to be clean at the least: one nearer to an edge tells more for the jobs to come.
     */
    private const TELLING = 0.55;
    /** Where the likeliest is less likely than that, it is looked for and nothing else. */
    private const LOST = 0.8;

    /** Grams. */
    public float $force;
    public int $passes;
    /** The highest force judged too little and the lowest judged too much; none where there is none. */
    public ?float $least;
    public ?float $most;
    /** Whether a test cut is needed before the job. */
    public bool $test;
    /** The chance that the likeliest force cuts cleanly, from 0 to 1. */
    public float $likely;
    public string $why;

    /**
     * @param array{least: float, most: float, step: float} $machine grams
     * @param float                                         $metres  what the blade has cut
     * @param list<JudgedCut>                               $log     the oldest first
     */
    public function __construct(
        private Film $film,
        private array $machine,
        private string $blade,
        private float $metres,
        private array $log,
        Rules $rules,
    ) {
        $own = $this->own(1);
        $this->passes = $this->isTooWeak($own) ? 2 : 1;
        $own = 1 === $this->passes ? $own : $this->own(2);
        $this->least = $this->tooLittle($own);
        $this->most = $this->tooMuch($own);
        $odds = $this->odds(new CutOdds($film, $this->passes, $blade, $metres, $log, $rules));
        $this->likely = max([0.0, ...array_column($odds, 1)]);
        $this->test = [] === $own || $this->likely < 1 - $rules->share(Rule::TestRisk);
        $this->force = match (true) {
            [] === $odds => $this->between(),
            $this->test && $this->likely > self::LOST && self::wasClean($own) => $this->telling($odds),
            default => $odds[(int) array_search($this->likely, array_column($odds, 1), true)][0],
        };
        $this->why = $this->why([] === $own ? null : $own[\count($own) - 1]);
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

    /**
     * Until it was clean once, that is looked for and nothing else.
     *
     * @param list<JudgedCut> $own
     */
    private static function wasClean(array $own): bool
    {
        return [] !== array_filter($own, static fn (JudgedCut $cut): bool => CutVerdict::Clean === $cut->verdict);
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

    /**
     * @return list<array{float, float}> the steps of the machine nothing was shown against, and how likely each is
     *     clean
     */
    private function odds(CutOdds $odds): array
    {
        ['least' => $least, 'most' => $most, 'step' => $step] = $this->machine;
        $found = [];
        for ($nth = (int) ceil($least / $step - 1e-9); $nth * $step <= $most + 1e-9; ++$nth) {
            $force = $nth * $step;
            if ((null === $this->least || $force > $this->least) && (null === $this->most || $force < $this->most)) {
                $found[] = [$force, $odds->clean($force)];
            }
        }

        return $found;
    }

    /**
     * Of those that are clean more often than not, the one whose verdict is least foreseen.
     *
     * @param non-empty-list<array{float, float}> $odds
     */
    private function telling(array $odds): float
    {
        $telling = array_filter($odds, static fn (array $one): bool => $one[1] >= self::TELLING);
        usort($telling, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $telling[0][0];
    }

    /** No step of the machine lies between what was too little and too much: the nearest there is. */
    private function between(): float
    {
        ['least' => $least, 'most' => $most, 'step' => $step] = $this->machine;
        $middle = (($this->least ?? $most) + ($this->most ?? $least)) / 2;

        return max($least, min($most, round($middle / $step) * $step));
    }

    private function why(?JudgedCut $last): string
    {
        $likely = (int) round(100 * $this->likely);

        return match (true) {
            !$this->test => "By all that was judged it cuts cleanly: $likely of 100.",
            null === $last => 'Nothing was judged on this film and blade yet: it begins where that is likeliest to '
                .'be clean.',
            CutVerdict::Shallow === $last->verdict => 'The film was not through: more force.',
            CutVerdict::Deep === $last->verdict => 'The liner was cut: less force.',
            default => "It cut cleanly, and the blade has cut since: $likely of 100 that it still would.",
        };
    }
}
