<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\FilmGroup;
use Yelbo\Trade\Rules;

/**
 * What came back to be cut again: by film, by smallest part and by face, each with how many cases it rests on; and the
 * limits of the smallest part that this contradicts. Source: handbook sections 5 and 16.
 */
final readonly class ComebackLearning
{
    /** A share of recuts up to which a limit is a good one. */
    private const USUAL = 0.1;
    /** Parts up to so many times their limit are looked at apart. */
    private const NEAR = 1.5;
    /** A limit is never proposed higher than so many times what it is. */
    private const HIGHEST = 2.0;
    /** mm: limits are told so finely. */
    private const STEP = 0.1;
    /** Cases fewer than these prove nothing. */
    private const FEW = 8;
    /** Of the sizes that hold, so many lie above the limit that is proposed. */
    private const ABOVE = 0.9;

    public function __construct(private Rules $rules)
    {
    }

    /** @param list<Outcome> $log */
    public function learned(array $log): Comebacks
    {
        $films = $faces = $groups = [];
        foreach ($log as $one) {
            $films[$one->film->value][] = $one;
            $groups[$one->film->group()->value][] = $one;
            if ('' !== $one->face) {
                $faces[$one->face][] = $one;
            }
        }
        ksort($films);
        ksort($faces);

        return new Comebacks(
            array_map(Tally::over(...), array_keys($films), array_values($films)),
            array_merge(...array_map($this->bands(...), array_keys($films), array_values($films))),
            array_map(Tally::over(...), array_keys($faces), array_values($faces)),
            array_values(
                array_filter(
                    array_map(
                        fn (FilmGroup $group): ?Proposal => $this->lower($group, $groups[$group->value] ?? [])
                            ?? $this->raise($group, $groups[$group->value] ?? []),
                        FilmGroup::cases(),
                    ),
                ),
            ),
        );
    }

    /**
     * @param list<Outcome> $log of one film
     *
     * @return list<Tally> under the limit, near it, and larger
     */
    private function bands(string $film, array $log): array
    {
        $limit = $this->rules->value(Film::from($film)->group()->island());
        $near = round(self::NEAR * $limit, 1);
        $told = [
            [\sprintf('%s, parts under %s mm', $film, $limit), 0.0, $limit],
            [\sprintf('%s, parts of %s to %s mm', $film, $limit, $near), $limit, $near],
            [\sprintf('%s, parts of %s mm and more', $film, $near), $near, \INF],
        ];

        return array_values(
            array_filter(
                array_map(
                    fn (array $band): Tally => Tally::over($band[0], $this->between($log, $band[1], $band[2])),
                    $told,
                ),
                static fn (Tally $tally): bool => $tally->cases > 0,
            ),
        );
    }

    /**
     * Smaller parts than the limit hold as well.
     *
     * @param list<Outcome> $log of films that share a limit
     */
    private function lower(FilmGroup $group, array $log): ?Proposal
    {
        $limit = $this->rules->value($group->island());
        $under = $this->between($log, 0.0, $limit);
        $sizes = array_map($this->size(...), $under);
        rsort($sizes);
        $holds = $sizes[(int) floor(self::ABOVE * (\count($sizes) - 1))] ?? $limit;
        $to = self::stepped(ceil($holds / self::STEP - 1e-6));
        $under = $this->between($under, $to, $limit);
        $tally = Tally::over('', $under);
        if (\count($under) < self::FEW || $tally->most > self::USUAL || $to >= $limit) {
            return null;
        }

        return new Proposal(
            $group->island(),
            $limit,
            $to,
            "Of parts from $to to $limit mm that were let pass, {$tally->says()}. They hold here.",
        );
    }

    /**
     * Parts somewhat larger than the limit come back too.
     *
     * @param list<Outcome> $log of films that share a limit
     */
    private function raise(FilmGroup $group, array $log): ?Proposal
    {
        $limit = $this->rules->value($group->island());
        for ($to = self::stepped(floor((self::HIGHEST * $limit) / self::STEP)); $to > $limit + self::STEP / 2;) {
            // Both all of them and the largest of them have to come back: else a lower limit does.
            $from = max($limit, $to - $limit / 4);
            $all = $this->between($log, $limit, $to);
            $tally = Tally::over('', $all);
            $largest = Tally::over('', $this->between($log, $from, $to));
            if (\count($all) >= self::FEW && $tally->least > self::USUAL && $largest->least > self::USUAL) {
                return new Proposal(
                    $group->island(),
                    $limit,
                    $to,
                    "Of parts from $limit to $to mm {$tally->says()}. They do not hold here.",
                );
            }
            $to = self::stepped(round($to / self::STEP) - 1);
        }

        return null;
    }

    /**
     * @param list<Outcome> $log
     *
     * @return list<Outcome> those whose smallest part lies from a size up to another, mm
     */
    private function between(array $log, float $from, float $to): array
    {
        return array_values(
            array_filter($log, fn (Outcome $one): bool => $this->size($one) >= $from && $this->size($one) < $to),
        );
    }

    /** As it is held against the limit: where limits grow, a part counts for less. */
    private function size(Outcome $one): float
    {
        return $one->smallest / $one->use->factor($this->rules);
    }

    private static function stepped(float $steps): float
    {
        return round($steps * self::STEP, 1);
    }
}
