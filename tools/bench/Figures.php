<?php

declare(strict_types=1);

namespace Yelbo\Bench;

/**
 * Figures of a benchmark. They begin with a small fixed calculation, and each is told also as a multiple of what that took, beside
 * the multiple kept from the last time: so a slower machine is not taken for a slower program, nor the reverse.
 */
final class Figures
{
    private const KEPT = __DIR__.'/../../docs/benchmarks.json';
    /** Multiples further apart than this stand out. */
    private const STANDS_OUT = 1.5;

    /** @var array<string, float> multiples of the fixed calculation, by what was measured */
    private array $found = [];

    /** @param float $unit ms the fixed calculation took */
    private function __construct(private readonly float $unit)
    {
    }

    public static function begin(): self
    {
        $times = [];
        for ($nth = 0; $nth < 7; ++$nth) {
            $began = hrtime(true);
            self::calculate();
            $times[] = (hrtime(true) - $began) / 1e6;
        }
        sort($times);
        printf("%-46s median %6.1f ms\n", 'a fixed calculation', $times[3]);

        return new self($times[3]);
    }

    /** @param list<float> $times ms each */
    public function show(string $what, array $times): void
    {
        sort($times);
        $at = static fn (float $share): float => $times[(int) min(\count($times) - 1, floor($share * \count($times)))];
        $this->line($what, $at(0.5), \sprintf('median %6.1f   p95 %6.1f ms   (%d)', $at(0.5), $at(0.95), \count($times)));
    }

    /** One time, in ms, with what is to be said of it. */
    public function line(string $what, float $time, string $says): void
    {
        $this->found[$what] = round($time / $this->unit, 2);
        $kept = self::kept()[$what] ?? null;
        $out = null !== $kept && $kept > 0 ? $this->found[$what] / $kept : 1;
        printf(
            "%-46s %s   %7.2f of it%s%s\n",
            $what,
            $says,
            $this->found[$what],
            null === $kept ? '' : \sprintf(', %.2f the last time', $kept),
            max($out, 1 / max($out, 0.001)) > self::STANDS_OUT ? ($out > 1 ? '   ← slower' : '   ← quicker') : '',
        );
    }

    /** Written down for the next time, where that was asked for. */
    public function end(): void
    {
        if ('' !== (string) getenv('YELBO_BENCH_KEEP')) {
            $kept = $this->found + self::kept();
            ksort($kept);
            file_put_contents(self::KEPT, json_encode($kept, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n");
        }
    }

    /** @return array<string, float> */
    private static function kept(): array
    {
        return is_file(self::KEPT) ? (array) json_decode((string) file_get_contents(self::KEPT), true) : [];
    }

    /** What the program does most: outlines grown and shrunk, large numbers shifted, arrays sorted. */
    private static function calculate(): void
    {
        mt_srand(7);
        $points = [];
        for ($nth = 0; $nth < 400; ++$nth) {
            $far = 0 === $nth % 2 ? 100 : 60 + mt_rand(0, 20);
            $points[] = \sprintf('%F %F', $far * cos($nth * \M_PI / 200), $far * sin($nth * \M_PI / 200));
        }
        $star = (new \GEOSWKTReader())->read('POLYGON(('.implode(',', [...$points, $points[0]]).'))');
        $star->buffer(2)->buffer(-2)->difference($star)->area();
        $cells = gmp_pow(3, 60_000);
        for ($nth = 1; $nth < 120; ++$nth) {
            $cells |= $cells >> $nth;
        }
        $numbers = [];
        for ($nth = 0; $nth < 60_000; ++$nth) {
            $numbers[] = mt_rand();
        }
        sort($numbers);
        array_sum(array_map(static fn (int $number): float => sqrt($number), $numbers));
    }
}
