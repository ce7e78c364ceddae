<?php

declare(strict_types=1);

namespace Yelbo\Trade\Measure;

/**
 * A length in whole micrometres.
 *
 * 1 in = 25.4 mm exactly; a tick of the tape is 1/16 in = 1.5875 mm, which is why
 * the unit inside is the micrometre: ticks of 1587.5 µm round by half of one at most.
 * Source: handbook, opening note on lengths.
 */
final readonly class Length
{
    /** What people write, and what is meant by it. */
    private const SIGNS = [
        '″' => '"',
        '”' => '"',
        '“' => '"',
        "''" => '"',
        '′' => "'",
        '’' => "'",
        '‘' => "'",
        '¼' => ' 1/4',
        '½' => ' 1/2',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        "\u{a0}" => ' ',
        "\u{2009}" => ' ',
        '⁄' => '/',
        '–' => '-',
    ];
    private const DECIMAL = '(?:\d+(?:[.,]\d+)?|[.,]\d+)';
    private const FIGURE = '(?:(?<whole>\d+)(?:\s+|\s*-\s*))?(?<over>\d+)\s*/\s*(?<under>\d+)|(?<decimal>'
        .self::DECIMAL
        .')';

    public const MICROMETRES_PER_INCH = 25400;
    public const TICKS_PER_INCH = 16;
    /** µm: what is shown of a length in mm. */
    private const TENTH = 100;

    /** 100 m: longer than any film on a roll; beyond it a figure is a slip of the pen. */
    private const LONGEST = 100_000_000;

    private function __construct(public int $micrometres)
    {
    }

    /** @throws UnreadableLength beyond 100 m either way, or for a figure that is not a number */
    public static function micrometres(int|float $micrometres): self
    {
        if (!is_finite($micrometres) || abs($micrometres) > self::LONGEST) {
            throw UnreadableLength::beyond(is_finite($micrometres) ? $micrometres / 1000 .' mm' : 'not a number');
        }

        return new self((int) round($micrometres));
    }

    /** @throws UnreadableLength */
    public static function millimetres(int|float $millimetres): self
    {
        return self::micrometres($millimetres * 1000);
    }

    /** @throws UnreadableLength */
    public static function inches(int|float $inches): self
    {
        return self::micrometres($inches * self::MICROMETRES_PER_INCH);
    }

    /**
     * Reads what people write: `4 1/4`, `4-1/4"`, `4.25in`, `108mm`, `10.8 cm`, `2' 3"`, `1.2 m`.
     *
     * A bare figure is in the shop's own system: inches, or millimetres. A bare fraction
     * (`4 1/4`) is always inches: nobody writes millimetres so.
     *
     * @throws UnreadableLength
     */
    public static function read(string $text, Units $bare = Units::Metric): self
    {
        $clean = trim(strtr(mb_strtolower(trim($text)), self::SIGNS));
        if (mb_strlen($clean) > 40) {
            throw UnreadableLength::written($text);
        }
        if (preg_match(
            '~^(?<feet>'.self::DECIMAL.")\s*(?:'|ft|feet|foot)\s*(?:-\s*)?(?<rest>.*)\$~u",
            $clean,
            $found,
        )) {
            $inches = '' === trim($found['rest']) ? 0.0 : self::rest(trim($found['rest']), $text);

            return self::inches(12 * self::decimal($found['feet']) + $inches);
        }
        $metre = '(?:metres?|meters?)';
        $units = "mm|milli$metre|cm|centi$metre|m|$metre|\"|in|inch|inches";
        if (!preg_match('~^(?:'.self::FIGURE.")\s*(?<unit>$units)?\.?\$~u", $clean, $found)) {
            throw UnreadableLength::written($text);
        }
        $value = self::figure($found, $text);
        $unit = $found['unit'] ?? '';
        if ('' === $unit) {
            $unit = Units::Imperial === $bare || '' !== ($found['over'] ?? '') ? 'in' : 'mm';
        }

        return match (true) {
            str_starts_with($unit, 'mm') || str_starts_with($unit, 'milli') => self::millimetres($value),
            str_starts_with($unit, 'c') => self::millimetres($value * 10),
            str_starts_with($unit, 'm') => self::millimetres($value * 1000),
            default => self::inches($value),
        };
    }

    /** What is written after feet, in inches. */
    private static function rest(string $rest, string $text): float
    {
        if (!preg_match('~^(?:'.self::FIGURE.')\s*(?:"|in|inch|inches)?$~u', $rest, $found)) {
            throw UnreadableLength::written($text);
        }

        return self::figure($found, $text);
    }

    /** @param array<string|int, string> $found */
    private static function figure(array $found, string $text): float
    {
        if ('' === ($found['over'] ?? '')) {
            return self::decimal($found['decimal'] ?? '');
        }
        $under = (int) $found['under'];
        if (0 === $under) {
            throw UnreadableLength::written($text);
        }

        return (float) ($found['whole'] ?? 0) + (int) $found['over'] / $under;
    }

    private static function decimal(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }

    /** mm. */
    public function toMillimetres(): float
    {
        return $this->micrometres / 1000;
    }

    /** Inches. */
    public function toInches(): float
    {
        return $this->micrometres / self::MICROMETRES_PER_INCH;
    }

    /** Both together. */
    public function plus(self $other): self
    {
        return self::micrometres($this->micrometres + $other->micrometres);
    }

    /** So many times as long, to the nearest µm. */
    public function times(float $factor): self
    {
        return self::micrometres($this->micrometres * $factor);
    }

    /** Rounded DOWN to a tick of the tape: how much room a reading between two ticks gives (section 3). */
    public function downToTick(): self
    {
        $tick = self::MICROMETRES_PER_INCH / self::TICKS_PER_INCH;

        return self::micrometres(floor($this->micrometres / $tick + 1e-9) * $tick);
    }

    /** Whether it is more than nothing. */
    public function isPositive(): bool
    {
        return $this->micrometres > 0;
    }

    /** `41 mm`, `6.4 mm`: tenths only where they matter. */
    public function inMetric(): string
    {
        $mm = $this->toMillimetres();

        return preg_replace('~\.0$~', '', number_format($mm, 1, '.', '')) ?? '0';
    }

    /** `1 5/8`, `13/16`, `4`: to the nearest tick. */
    public function inImperial(): string
    {
        $ticks = (int) round(abs($this->toInches()) * self::TICKS_PER_INCH);
        $whole = intdiv($ticks, self::TICKS_PER_INCH);
        $over = $ticks % self::TICKS_PER_INCH;
        $under = self::TICKS_PER_INCH;
        while ($over > 0 && 0 === $over % 2) {
            $over = intdiv($over, 2);
            $under = intdiv($under, 2);
        }
        $text = 0 === $over ? (string) $whole : ($whole > 0 ? "$whole $over/$under" : "$over/$under");

        return $this->micrometres < 0 && $ticks > 0 ? '-'.$text : $text;
    }

    /** `inMetric()` rounded down, as a limit that holds where it is typed again: `30` of 30.055 mm. */
    public function inMetricDown(): string
    {
        return self::micrometres(floor(($this->micrometres + 1) / self::TENTH) * self::TENTH)->inMetric();
    }

    /** `inImperial()` rounded down, to the tick. */
    public function inImperialDown(): string
    {
        return self::micrometres($this->micrometres + 1)->downToTick()->inImperial();
    }

    /** Both systems, rounded down. */
    public function inBothDown(): string
    {
        return "{$this->inMetricDown()} mm · {$this->inImperialDown()} in";
    }

    /** Both systems, the shop's own first: `41 mm · 1 5/8 in`. */
    public function inBoth(Units $own = Units::Metric): string
    {
        $metric = $this->inMetric().' mm';
        $imperial = $this->inImperial().' in';

        return Units::Metric === $own ? "$metric · $imperial" : "$imperial · $metric";
    }
}
