<?php

declare(strict_types=1);

namespace Yelbo\Bench;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Knife\CutVerdict;
use Yelbo\Trade\Knife\JudgedCut;
use Yelbo\Trade\Knife\StartForce;
use Yelbo\Trade\Knife\TestCut;
use Yelbo\Trade\Rules;

/**
 * Films and blades whose window and wear are hidden, and jobs on them: how often a test is asked for, and how often a
 * job comes out wrong that was cut without one.
 */
final class Cutting
{
    private const MACHINE = ['least' => 10.0, 'most' => 300.0, 'step' => 5.0];
    /** Of the force: how wide the window is. */
    private const WIDTH = [0.14, 0.30];
    /** Of the force, a metre. */
    private const WEAR = [0.000_3, 0.001_2];
    /** m between two jobs, and until a new blade. */
    private const BETWEEN = [5, 90];
    private const NEW_BLADE = 420.0;
    private const BLADES = 2;
    private const MOST_TESTS = 12;

    public int $firsts = 0;
    public int $firstTests = 0;
    public int $later = 0;
    public int $tested = 0;
    public int $untested = 0;
    public int $wrong = 0;

    /**
     * @param int   $films  of a shop, cut in any order
     * @param float $apart  how far films are from what the handbook starts from, as a logarithm
     * @param float $blades how far blades are from each other
     */
    public function __construct(private readonly int $films, private readonly float $apart, private readonly float $blades)
    {
    }

    /** One shop: jobs on its films until its blades are worn. */
    public function shop(int $seed): void
    {
        mt_srand($seed);
        $films = Film::cases();
        shuffle($films);
        $hidden = array_map(function (Film $film): array {
            $width = self::between(self::WIDTH);

            return [$film, Rules::standard()->value(StartForce::of($film)) / (1 + $width / 2) * exp(self::normal($this->apart)), $width];
        }, array_slice($films, 0, $this->films));
        $log = [];
        for ($nth = 0; $nth < self::BLADES; ++$nth) {
            [$wear, $blade, $known] = [self::between(self::WEAR), exp(self::normal($this->blades)), []];
            for ($metres = 0.0; $metres < self::NEW_BLADE; $metres += self::between(self::BETWEEN)) {
                [$film, $begins, $width] = $hidden[mt_rand(0, $this->films - 1)];
                $at = $begins * $blade * (1 + $wear * $metres);
                $log = $this->job($film, "b$nth", $metres, $at, $at * (1 + $width), $log, isset($known[$film->value]));
                $known[$film->value] = true;
            }
        }
    }

    /**
     * @param float           $cut  grams, from which the film is cut
     * @param float           $deep grams, from which the liner is
     * @param list<JudgedCut> $log
     *
     * @return list<JudgedCut> with what was judged
     */
    private function job(Film $film, string $blade, float $metres, float $cut, float $deep, array $log, bool $isLater): array
    {
        for ($tests = 0;; ++$tests) {
            $next = new TestCut($film, self::MACHINE, $blade, $metres, $log, Rules::standard());
            $verdict = match (true) {
                $next->force < $cut => CutVerdict::Shallow,
                $next->force > $deep => CutVerdict::Deep,
                default => CutVerdict::Clean,
            };
            $log[] = new JudgedCut($film, $blade, $metres, $next->force, $next->passes, $verdict);
            if (!$next->test || self::MOST_TESTS === $tests) {
                break;
            }
        }
        if ($isLater) {
            ++$this->later;
            $this->tested += $tests > 0 ? 1 : 0;
            $this->untested += 0 === $tests ? 1 : 0;
            $this->wrong += 0 === $tests && CutVerdict::Clean !== $verdict ? 1 : 0;
        } else {
            ++$this->firsts;
            $this->firstTests += $tests;
        }

        return $log;
    }

    /** @param array{float, float} $range */
    private static function between(array $range): float
    {
        return $range[0] + ($range[1] - $range[0]) * mt_rand() / mt_getrandmax();
    }

    private static function normal(float $apart): float
    {
        return $apart * sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos(2 * \M_PI * mt_rand() / mt_getrandmax());
    }
}
