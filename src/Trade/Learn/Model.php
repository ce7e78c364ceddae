<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What minutes at one station grow with, learned from what was timed: a start, so much for each waste piece, m of cut,
 * small part and dm², times a factor for each film and for small parts. Relative errors count, large ones little, and
 * where little was timed the handbook's own minutes hold.
 */
final readonly class Model
{
    private const ROUNDS = 4;
    private const REWEIGHTS = 3;
    /** Relative residuals above so many times the usual one count less and less. */
    private const HUBER = 1.345;
    /** So many entries' worth the handbook counts. */
    private const PRIOR = 0.6;
    private const FACTOR_PRIOR = 3.0;
    private const FILM_PRIOR = 1.0;

    /**
     * @param list<float>          $grows  minutes for each of what they grow with
     * @param array<string, float> $films  factors by their names; 1 of those that are not named
     * @param float                $hard   factor of glitter, and where there are small parts
     * @param bool                 $apart  that is the factor of small parts alone, glitter has its own as a film
     */
    private function __construct(
        private array $grows,
        private array $films,
        private float $hard,
        private bool $apart = false,
    ) {
    }

    /**
     * The handbook's own minutes times one figure: what a few entries can tell.
     *
     * @param non-empty-list<Entry> $log timed ones of one station, without breaks and mishaps
     */
    public static function scaled(array $log, Rules $rules): self
    {
        $hard = self::hard($log[0], $rules);
        $model = new self(self::handbook($log, $rules), [], $hard);
        $ratios = array_map(static fn (Entry $one): float => self::ratio($one, $model->minutes($one)), $log);
        $by = exp(self::drawn($ratios, 0.0));

        return new self(array_map(static fn (float $one): float => $one * $by, $model->grows), [], $hard);
    }

    /**
     * @param non-empty-list<Entry> $log    timed ones of one station, without breaks and mishaps
     * @param bool                  $isHard whether glitter and small parts have a factor of their own
     * @param bool                  $byFilm whether each film has one
     * @param bool                  $apart  whether small parts have one, and glitter as the other films
     */
    public static function learned(
        array $log,
        Rules $rules,
        bool $isHard,
        bool $byFilm,
        bool $apart = false,
    ): self {
        $hard = $isHard ? self::hard($log[0], $rules) : 1.0;
        $model = new self(self::handbook($log, $rules), [], $hard, $apart);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $model = new self($model->grown($log, $rules), $model->films, $model->hard, $apart);
            $model = $model->factored($log, $isHard ? $hard : null, $byFilm);
        }

        return $model;
    }

    private static function hard(Entry $of, Rules $rules): float
    {
        return TimedStation::Weed === $of->station ? $rules->value(Rule::WeedHard) : 1.0;
    }

    /** What is told of an entry, minutes. */
    public function minutes(Entry $of): float
    {
        return max(0.02, $this->base($of) * $this->factor($of));
    }

    private function base(Entry $of): float
    {
        $minutes = 0.0;
        foreach ($of->grows() as $nth => $value) {
            $minutes += $this->grows[$nth] * $value;
        }

        return $minutes;
    }

    private function factor(Entry $of): float
    {
        return ($this->films[$of->film->value] ?? 1.0) * ($this->isHard($of) ? $this->hard : 1.0);
    }

    private function isHard(Entry $of): bool
    {
        return $this->apart ? $of->small > 0 : $of->isHard();
    }

    /**
     * The handbook's minutes as a start, by what they would be of the log's mean work: what it does not know of stays
     * 0.
     *
     * @param non-empty-list<Entry> $log
     *
     * @return list<float>
     */
    private static function handbook(array $log, Rules $rules): array
    {
        $at = static fn (float $waste, float $cut, float $area): float => $log[0]->station->minutes(
            new Entry($log[0]->station, Film::Permanent, $waste, $cut, 0, $area),
            $rules,
        );
        $area = array_sum(array_map(static fn (Entry $one): float => $one->area, $log)) / \count($log);
        $start = $at(0, 0, 0);

        return [
            $start,
            $at(1, 0, 0) - $start,
            $at(0, 1000, 0) - $start,
            0.0,
            $area > 0 ? ($at(0, 0, $area) - $start) / ($area / 10_000) : 0.0,
        ];
    }

    /**
     * What minutes grow with, its factors given: least relative error, none of it negative.
     *
     * @param non-empty-list<Entry> $log
     *
     * @return list<float>
     */
    private function grown(array $log, Rules $rules): array
    {
        $prior = self::handbook($log, $rules);
        $rows = $targets = [];
        foreach ($log as $one) {
            $factor = $this->factor($one) / max(0.01, (float) $one->minutes);
            $rows[] = array_map(static fn (float $value): float => $value * $factor, $one->grows());
            $targets[] = 1.0;
        }
        $weights = array_fill(0, \count($rows), 1.0);
        $grows = $prior;
        for ($round = 0; $round < self::REWEIGHTS; ++$round) {
            $grows = LeastSquares::squares($rows, $targets, $weights, $prior, self::PRIOR);
            $off = array_map(
                static fn (array $row): float => abs(
                    1.0 - array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $row, $grows)),
                ),
                $rows,
            );
            $usual = max(0.02, 1.4826 * LeastSquares::median($off));
            $weights = array_map(
                static fn (float $one): float => $one <= self::HUBER * $usual ? 1.0 : self::HUBER * $usual / $one,
                $off,
            );
        }

        return $grows;
    }

    /**
     * The factors, what minutes grow with given: the middle of what was timed against what is told, the less the fewer
     * they are.
     *
     * @param non-empty-list<Entry> $log
     * @param float|null            $prior  of glitter and small parts, as the handbook has it; none without
     * @param bool                  $isFilm whether each film has one
     */
    private function factored(array $log, ?float $prior, bool $isFilm): self
    {
        $byFilm = [];
        foreach ($log as $one) {
            $hard = $this->isHard($one) ? $this->hard : 1.0;
            $byFilm[$one->film->value][] = self::ratio($one, $this->base($one) * $hard);
        }
        // The film there is most of is the measure: its factor is in what minutes grow with.
        $most = max(array_map(count(...), $byFilm));
        $films = [];
        $isMeasured = false;
        foreach ($byFilm as $film => $ratios) {
            $isMeasure = !$isMeasured && \count($ratios) === $most;
            $isMeasured = $isMeasured || $isMeasure;
            $films[$film] = $isMeasure || !$isFilm ? 1.0 : exp(self::drawn($ratios, 0.0, self::FILM_PRIOR));
        }
        $hard = [];
        foreach ($log as $one) {
            if ($this->isHard($one)) {
                $hard[] = self::ratio($one, $this->base($one) * ($films[$one->film->value] ?? 1.0));
            }
        }

        return new self(
            $this->grows,
            $films,
            match (true) {
                null === $prior => 1.0,
                [] === $hard || \count($hard) === \count($log) => $prior,
                default => exp(self::drawn($hard, log($prior))),
            },
            $this->apart,
        );
    }

    private static function ratio(Entry $one, float $told): float
    {
        return log(max(0.01, (float) $one->minutes) / max(0.01, $told));
    }

    /**
     * The middle, drawn to what is known before.
     *
     * @param non-empty-list<float> $ratios
     */
    private static function drawn(array $ratios, float $prior, float $worth = self::FACTOR_PRIOR): float
    {
        $many = \count($ratios);

        return (self::middle($ratios) * $many + $prior * $worth) / ($many + $worth);
    }

    /**
     * Their mean, of what lies far out only so much as what is usual.
     *
     * @param non-empty-list<float> $values
     */
    private static function middle(array $values): float
    {
        $middle = LeastSquares::median($values);
        for ($round = 0; $round < self::REWEIGHTS; ++$round) {
            $off = array_map(static fn (float $one): float => abs($one - $middle), $values);
            $far = self::HUBER * max(0.02, 1.4826 * LeastSquares::median($off));
            $middle = array_sum(
                array_map(static fn (float $one): float => max($middle - $far, min($middle + $far, $one)), $values),
            ) / \count($values);
        }

        return $middle;
    }
}
