<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Rules;

/**
 * Minutes of bench work, learned from what was timed at each station. Breaks and mishaps do not bend it; the handbook
 * holds until the log tells better. Source: handbook sections 9 and 16.
 */
final readonly class Learning
{
    /** A time so many times what it should be is a break or a mishap; one so much shorter was not timed rightly. */
    private const MISHAP = 2.2;
    private const TOO_SHORT = 0.33;
    /** Parts a log is told in from the others, where telling each by itself takes long. */
    private const FOLDS = 7;
    private const WAYS = 6;
    /** A way of telling is about as good as the best that is off by no more than so many times as much. */
    private const AS_GOOD = 1.07;
    /** Of each station the last so many: hands change. */
    private const LAST = 600;
    private const EACH_UP_TO = 40;
    /** Fewer than these tell nothing of how times spread. */
    private const FEW = 8;
    /** What the handbook's own minutes are off by: eight of ten ordinary times lie between. */
    private const USUAL = [0.7, 1.45];
    /** By so much better the log has to be. */
    private const BETTER = 0.98;
    /** And by so many times what that is uncertain by. */
    private const SURE = 1.3;

    /** @var array<string, Blend|null> by station; none where the handbook holds */
    private array $models;

    /** @var array<string, array{float, float}> by station: least and most, times what is told */
    private array $spread;

    /** @var list<int> places in the log of breaks and mishaps */
    public array $outliers;

    /** Mean of |told − real| / real by the handbook; none where nothing was timed. */
    public ?float $handbookError;

    /** `handbookError` by what is told now, each entry from the others only; none where nothing was timed. */
    public ?float $learnedError;

    /** @param list<Entry> $log */
    public function __construct(array $log, private Rules $rules)
    {
        $models = $spread = $outliers = $handbook = $learned = [];
        foreach (TimedStation::cases() as $station) {
            $own = \array_slice(
                array_filter($log, static fn (Entry $one): bool => $one->station === $station),
                -self::LAST,
                null,
                true,
            );
            if ([] === $own) {
                continue;
            }
            $mishaps = $this->mishaps($own);
            array_push($outliers, ...$mishaps);
            $kept = array_values(array_diff_key($own, array_flip($mishaps)));
            if ([] === $kept) {
                continue;
            }
            $byBook = array_map(fn (Entry $one): float => $station->minutes($one, $this->rules), $kept);
            $book = array_map($this->off(...), $byBook, $kept);
            [$model, $by, $off] = $this->best($kept, $byBook, $book);
            $models[$station->value] = $model;
            $spread[$station->value] = self::spread($kept, $by);
            array_push($handbook, ...$book);
            array_push($learned, ...$off);
        }
        sort($outliers);
        $this->models = $models;
        $this->spread = $spread;
        $this->outliers = $outliers;
        $this->handbookError = [] === $handbook ? null : self::mean($handbook);
        $this->learnedError = [] === $learned ? null : self::mean($learned);
    }

    /** Minutes of work that is asked for. */
    public function tell(Entry $of): Estimate
    {
        $model = $this->models[$of->station->value] ?? null;
        $minutes = $model?->minutes($of) ?? $of->station->minutes($of, $this->rules);
        [$least, $most] = $this->spread[$of->station->value] ?? self::USUAL;

        return new Estimate($minutes, $minutes * $least, $minutes * $most, null !== $model);
    }

    /**
     * @param non-empty-array<int, Entry> $log by their places
     *
     * @return list<int>
     */
    private function mishaps(array $log): array
    {
        $told = array_map(fn (Entry $one): float => $one->station->minutes($one, $this->rules), $log);
        $out = [];
        // First against the handbook, however far off that is in all; then against what is learned of the rest.
        for ($round = 0; $round < 4; ++$round) {
            $ratios = array_map(
                static fn (Entry $one, float $minutes): float => (float) $one->minutes / max(0.02, $minutes),
                $log,
                $told,
            );
            $ratios = array_combine(array_keys($log), $ratios);
            $middle = LeastSquares::median(array_values(array_diff_key($ratios, array_flip($out))) ?: [1.0]);
            $now = array_keys(array_filter(
                $ratios,
                static fn (float $ratio): bool => $ratio > self::MISHAP * $middle || $ratio < self::TOO_SHORT * $middle,
            ));
            $kept = array_values(array_diff_key($log, array_flip($now)));
            if (\count($kept) < self::FEW || ($now === $out && $round > 1)) {
                return $now;
            }
            $out = $now;
            $model = Model::learned($kept, $this->rules, true, true);
            $told = array_map($model->minutes(...), $log);
        }

        return $out;
    }

    /**
     * The way of telling that is off the least, where it is better than the handbook by more than chance; with what it
     * tells of each from the others only, and by how much that is off.
     *
     * @param non-empty-list<Entry> $log
     * @param list<float>           $byBook what the handbook tells of each
     * @param list<float>           $book   by how much that is off
     *
     * @return array{Blend|null, list<float>, list<float>} none where the handbook holds
     */
    private function best(array $log, array $byBook, array $book): array
    {
        if (\count($log) < self::FEW) {
            return [null, $byBook, $book];
        }
        $told = $errors = [];
        for ($way = 0; $way < self::ways(\count($log)); ++$way) {
            $by = $this->told($log, $byBook, $way);
            $off = array_map($this->off(...), $by, $log);
            if (self::isBetter($off, $book)) {
                [$told[$way], $errors[$way]] = [$by, self::mean($off)];
            }
        }
        if ([] === $errors) {
            return [null, $byBook, $book];
        }
        // Which of several that are hardly worse is best by chance, nobody knows: they tell together.
        $near = self::AS_GOOD * min($errors);
        /** @var non-empty-list<int> $good the best is among them */
        $good = array_keys(array_filter($errors, static fn (float $error): bool => $error <= $near));
        $by = array_map(
            static fn (int $nth): float => Blend::middle(
                array_map(static fn (int $way): float => $told[$way][$nth], $good),
            ),
            array_keys($log),
        );

        return [
            new Blend(array_map(fn (int $way): Model => $this->model($way, $log), $good)),
            $by,
            array_map($this->off(...), $by, $log),
        ];
    }

    /** How many of the ways of telling a log is long enough for: a few entries tell one figure. */
    private static function ways(int $many): int
    {
        return match (true) {
            $many < 16 => 1,
            $many < 22 => 3,
            default => self::WAYS,
        };
    }

    /**
     * One of the ways of telling, the simplest first.
     *
     * @param non-empty-list<Entry> $log
     */
    private function model(int $way, array $log): Model
    {
        return match ($way) {
            0 => Model::scaled($log, $this->rules),
            1 => Model::learned($log, $this->rules, false, false),
            2 => Model::learned($log, $this->rules, true, false),
            3 => Model::learned($log, $this->rules, false, true),
            4 => Model::learned($log, $this->rules, true, true),
            default => Model::learned($log, $this->rules, true, true, true),
        };
    }

    /**
     * By more than chance: what it gains on each is well above what that is uncertain by.
     *
     * @param list<float> $off
     * @param list<float> $book
     */
    private static function isBetter(array $off, array $book): bool
    {
        $gains = array_map(static fn (float $a, float $b): float => $b - $a, $off, $book);
        $many = max(2, \count($gains));
        $mean = self::mean($gains);
        $spread = sqrt(
            array_sum(array_map(static fn (float $gain): float => ($gain - $mean) ** 2, $gains)) / ($many - 1) / $many,
        );

        return $mean > self::SURE * $spread && self::mean($off) < self::BETTER * self::mean($book);
    }

    /**
     * What is told of each from the others only.
     *
     * @param non-empty-list<Entry> $log
     * @param list<float>           $byBook
     *
     * @return list<float>
     */
    private function told(array $log, array $byBook, int $way): array
    {
        $folds = \count($log) <= self::EACH_UP_TO ? \count($log) : self::FOLDS;
        $told = $byBook;
        for ($fold = 0; $fold < $folds; ++$fold) {
            $others = array_values(
                array_filter($log, static fn (int $nth): bool => $nth % $folds !== $fold, \ARRAY_FILTER_USE_KEY),
            );
            if ([] === $others) {
                continue;
            }
            $model = $this->model($way, $others);
            for ($nth = $fold, $many = \count($log); $nth < $many; $nth += $folds) {
                $told[$nth] = $model->minutes($log[$nth]);
            }
        }

        return array_values($told);
    }

    private function off(float $told, Entry $real): float
    {
        return abs($told - (float) $real->minutes) / max(0.01, (float) $real->minutes);
    }

    /**
     * Between what eight of ten lie, times what is told; where few were timed, what is usual.
     *
     * @param non-empty-list<Entry> $log
     * @param list<float>           $told
     *
     * @return array{float, float}
     */
    private static function spread(array $log, array $told): array
    {
        $many = \count($log);
        if ($many < self::FEW) {
            return self::USUAL;
        }
        $ratios = array_map(
            static fn (Entry $one, float $minutes): float => (float) $one->minutes / max(0.02, $minutes),
            $log,
            $told,
        );
        sort($ratios);
        // A little outwards, the more the fewer there are: the ends of a few lie inside those of many.
        $at = static function (float $share) use ($ratios, $many): float {
            $place = max(0.0, min($many - 1.0, $share * ($many + 1) - 1));
            $low = (int) floor($place);

            return $ratios[$low] + ($place - $low) * ($ratios[min($many - 1, $low + 1)] - $ratios[$low]);
        };

        return [min(1.0, $at(0.1)), max(1.0, $at(0.9))];
    }

    /** @param list<float> $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / max(1, \count($values));
    }
}
