<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

/** How many of so many came back, and between which shares the truth lies, nine times of ten. */
final readonly class Tally
{
    /** Of the normal distribution: nine of ten lie within so many deviations. */
    private const NINE_OF_TEN = 1.645;

    /** Shares from 0 to 1, by Wilson's interval: it holds for few cases too. */
    public float $least;
    public float $most;

    /**
     * @param string $of what was cut
     * @param int $cases how many there were
     * @param int $back how many of them came back
     */
    public function __construct(public string $of, public int $cases, public int $back)
    {
        [$this->least, $this->most] = self::range($cases, $back);
    }

    /** @param list<Outcome> $log */
    public static function over(string $of, array $log): self
    {
        return new self(
            $of,
            \count($log),
            \count(array_filter($log, static fn (Outcome $one): bool => $one->cameBack)),
        );
    }

    /** “4 of 14 came back: 13 to 50 of a hundred” */
    public function says(): string
    {
        return \sprintf(
            '%d of %d came back: between %d and %d of a hundred',
            $this->back,
            $this->cases,
            floor(100 * $this->least),
            ceil(100 * $this->most),
        );
    }

    /** @return array{float, float} */
    private static function range(int $cases, int $back): array
    {
        if (0 === $cases) {
            return [0.0, 1.0];
        }
        $share = $back / $cases;
        $square = self::NINE_OF_TEN ** 2;
        $middle = ($share + $square / (2 * $cases)) / (1 + $square / $cases);
        $half = (self::NINE_OF_TEN / (1 + $square / $cases)) *
            sqrt(($share * (1 - $share)) / $cases + $square / (4 * $cases ** 2));

        return [max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }
}
