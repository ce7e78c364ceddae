<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rules;

/**
 * How likely a force cuts a film cleanly with a blade that has cut so many metres, from all that was judged so far.
 *
 * Three things nobody knows decide it: the force at which the film begins to be cut by a fresh blade, by how much of it
 * the force grows with each metre, and how wide the window is from there to where the liner is cut. Every combination
 * of them on a grid is weighed by every verdict. What this film and blade showed counts in full; other films on this
 * blade tell how fast it wears, this film on other blades where it begins and how wide its window is, and other films
 * whether this machine presses more or less than the handbook says. Source: handbook section 8, "Test cut first".
 */
final readonly class CutOdds
{
    /** Where the film begins to be cut, as the logarithm of its share of the force to start from: from, to, step. */
    private const BEGINS = [-1.2, 1.3, 0.0125];
    /** What it is thought to be before anything was judged, and how far from that it usually is. */
    private const USUAL = [-0.1, 0.17];
    /** Some are far from that: the fewer, the more like the bell curve they lie. */
    private const TAILS = 2;
    /** How often each is met before anything was judged. */
    private const WEARS_MET = [0.3, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 0.6, 0.2];
    /** And each width of the window. */
    private const WIDTHS_MET = [0.3, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 0.3];
    /** How far blades of one kind are apart, and how much of what other films showed holds for this one. */
    private const BLADES = 0.05;
    private const SHARED = 0.1;
    /** Forces are told from each other by so much, as logarithms. */
    private const BIN = 0.002;

    /** Where the film is cut now, and where the liner is. */
    private ForceShares $cut;
    private ForceShares $deep;

    /**
     * @param float           $metres what the blade has cut
     * @param list<JudgedCut> $log    in any order
     */
    public function __construct(
        Film $film,
        int $passes,
        private string $blade,
        float $metres,
        array $log,
        private Rules $rules,
    ) {
        $by = [];
        foreach ($log as $cut) {
            $by["{$cut->film->value} $cut->passes"][$cut->blade][] = $cut;
        }
        $own = $by["{$film->value} $passes"] ?? [];
        unset($by["{$film->value} $passes"]);
        $begins = self::axis($this->start($film, $passes));
        $cut = $deep = [];
        foreach ($this->weighed($own, $by, $begins) as $at => $ofBegin) {
            foreach ($ofBegin as $nth => $ofWear) {
                $now = log($begins[$at] * (1 + Verdicts::WEARS[$nth] * $metres));
                $bin = (int) floor($now / self::BIN);
                $cut[$bin] = ($cut[$bin] ?? 0.0) + array_sum($ofWear);
                foreach ($ofWear as $wide => $weight) {
                    $bin = (int) floor(($now + log(1 + Verdicts::WIDTHS[$wide])) / self::BIN);
                    $deep[$bin] = ($deep[$bin] ?? 0.0) + $weight;
                }
            }
        }
        $this->cut = new ForceShares($cut);
        $this->deep = new ForceShares($deep);
    }

    /**
     * The chance that a force cuts cleanly now, from 0 to 1: that the film is cut less that the liner is.
     *
     * @param float $force grams
     */
    public function clean(float $force): float
    {
        $at = log($force) / self::BIN;

        return max(0.0, $this->cut->below($at) - $this->deep->below($at));
    }

    /**
     * @param array<string, list<JudgedCut>>                $own   of this film by blade
     * @param array<string, array<string, list<JudgedCut>>> $other of other films, and of it in other passes, by blade
     * @param array<int, float>                             $begins grams
     *
     * @return array<int, array<int, array<int, float>>>
     */
    private function weighed(array $own, array $other, array $begins): array
    {
        $here = $own[$this->blade] ?? [];
        unset($own[$this->blade]);
        $wears = array_fill(0, \count(Verdicts::WEARS), 1.0);
        $shifts = [];
        foreach ($other as $name => $blades) {
            [$film, $passes] = explode(' ', $name);
            $start = $this->start(Film::from($film), (int) $passes);
            foreach ($blades as $blade => $cuts) {
                $odds = Verdicts::likely($cuts, self::axis($start));
                if ((string) $blade === $this->blade) {
                    $wears = self::times($wears, self::ofWear($odds));
                }
                $shifts[] = self::middle($odds);
            }
        }
        [$usual, $apart] = self::usual($shifts);
        $elsewhere = null;
        foreach ($own as $cuts) {
            $one = self::smeared(self::ofFilm(Verdicts::likely($cuts, $begins)));
            $elsewhere = null === $elsewhere ? $one : array_map(self::times(...), $elsewhere, $one);
        }
        $met = array_map(
            static fn (float $wear): array => array_map(
                static fn (float $width): float => $wear * $width,
                self::WIDTHS_MET,
            ),
            self::WEARS_MET,
        );
        $weights = Verdicts::likely($here, $begins);
        foreach ($weights as $at => $ofBegin) {
            $before = self::before($at, $usual, $apart);
            foreach ($ofBegin as $nth => $ofWear) {
                foreach ($ofWear as $wide => $weight) {
                    $weights[$at][$nth][$wide] =
                        $weight * $met[$nth][$wide] * $before * $wears[$nth] * ($elsewhere[$at][$wide] ?? 1.0);
                }
            }
        }

        return $weights;
    }

    /** Grams to start from. A film that is cut twice needs less each time. */
    private function start(Film $film, int $passes): float
    {
        return $this->rules->value(StartForce::of($film)) * (1 === $passes ? 1.0 : 0.7);
    }

    /** @return array<int, float> */
    private static function axis(float $start): array
    {
        [$from, $to, $step] = self::BEGINS;

        return array_map(
            static fn (int $nth): float => $start * exp($from + $nth * $step),
            range(0, (int) round(($to - $from) / $step)),
        );
    }

    /**
     * What is left of the odds for the wear alone.
     *
     * @param array<int, array<int, array<int, float>>> $odds
     *
     * @return array<int, float>
     */
    private static function ofWear(array $odds): array
    {
        $wears = array_fill(0, \count(Verdicts::WEARS), 0.0);
        foreach ($odds as $at => $ofBegin) {
            $before = self::before($at);
            foreach ($ofBegin as $nth => $ofWear) {
                $wears[$nth] += $before * array_sum($ofWear);
            }
        }

        return self::scaled($wears);
    }

    /**
     * What is left for where it begins and how wide its window is.
     *
     * @param array<int, array<int, array<int, float>>> $odds
     *
     * @return array<int, array<int, float>>
     */
    private static function ofFilm(array $odds): array
    {
        return array_map(
            static fn (array $ofBegin): array => array_map(
                static fn (int $wide): float => array_sum(array_column($ofBegin, $wide)),
                array_keys(Verdicts::WIDTHS),
            ),
            $odds,
        );
    }

    /**
     * Blades differ a little: what one showed says a little less of another.
     *
     * @param array<int, array<int, float>> $odds
     *
     * @return array<int, array<int, float>>
     */
    private static function smeared(array $odds): array
    {
        $reach = (int) ceil(3 * self::BLADES / self::BEGINS[2]);
        $smeared = [];
        foreach (array_keys($odds) as $at) {
            $row = array_fill(0, \count(Verdicts::WIDTHS), 0.0);
            for ($off = -$reach; $off <= $reach; ++$off) {
                $share = exp(-(($off * self::BEGINS[2] / self::BLADES) ** 2) / 2);
                foreach ($odds[$at + $off] ?? [] as $wide => $weight) {
                    $row[$wide] += $share * $weight;
                }
            }
            $smeared[] = $row;
        }
        $most = max([0.0, ...array_map(static fn (array $row): float => max([0.0, ...$row]), $smeared)]) ?: 1.0;

        return array_map(
            static fn (array $row): array => array_map(static fn (float $one): float => $one / $most, $row),
            $smeared,
        );
    }

    /**
     * Where another film begins by what was judged of it, and how sure that is.
     *
     * @param array<int, array<int, array<int, float>>> $odds
     *
     * @return array{float, float} the middle and how far from it
     */
    private static function middle(array $odds): array
    {
        $all = $sum = $squares = 0.0;
        foreach ($odds as $at => $ofBegin) {
            $weight = self::before($at) * array_sum(array_map(array_sum(...), $ofBegin));
            $x = self::BEGINS[0] + $at * self::BEGINS[2];
            $all += $weight;
            $sum += $weight * $x;
            $squares += $weight * $x * $x;
        }
        $middle = $all > 0.0 ? $sum / $all : self::USUAL[0];

        return [$middle, sqrt(max(0.0, $all > 0.0 ? $squares / $all - $middle ** 2 : self::USUAL[1] ** 2))];
    }

    /**
     * What is thought before anything of this film was judged: where others lie moves it a part of the way.
     *
     * @param list<array{float, float}> $shifts
     *
     * @return array{float, float}
     */
    private static function usual(array $shifts): array
    {
        [$usual, $apart] = self::USUAL;
        $shared = self::SHARED * $apart ** 2;
        $own = $apart ** 2 - $shared;
        $sure = 1 / $shared;
        $sum = $usual / $shared;
        foreach ($shifts as [$middle, $off]) {
            $weight = 1 / ($own + $off ** 2);
            $sure += $weight;
            $sum += $weight * $middle;
        }

        return [$sum / $sure, sqrt($own + 1 / $sure)];
    }

    private static function before(int $at, float $usual = self::USUAL[0], float $apart = self::USUAL[1]): float
    {
        $off = (self::BEGINS[0] + $at * self::BEGINS[2] - $usual) / $apart;

        // Some films are far from what anybody expects.
        return (1 + $off ** 2 / self::TAILS) ** (-(self::TAILS + 1) / 2);
    }

    /**
     * @param array<int, float> $one
     * @param array<int, float> $other
     *
     * @return array<int, float>
     */
    private static function times(array $one, array $other): array
    {
        return array_map(static fn (float $a, float $b): float => $a * $b, $one, $other);
    }

    /**
     * @param array<int, float> $odds
     *
     * @return array<int, float> the largest of them 1
     */
    private static function scaled(array $odds): array
    {
        $most = max([0.0, ...$odds]) ?: 1.0;

        return array_map(static fn (float $one): float => $one / $most, $odds);
    }
}
