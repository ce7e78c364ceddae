<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Refused;

/**
 * How well one colour is read on another, by their relative luminance as web pages are judged (WCAG 2.2): from 1, not
 * at all, to 21, black on white. Source: handbook section 4, "Offset layer".
 */
final readonly class Contrast
{
    /** From here large letters are read without trouble. */
    public const READS = 3.0;
    /** Of a channel: the dark end of its curve is a line. */
    private const LINEAR = 0.04045;
    /** How bright red, green and blue are to the eye. */
    private const SHARES = [0.2126, 0.7152, 0.0722];

    private function __construct(public float $ratio)
    {
    }

    /**
     * @param string $one   #rrggbb
     * @param string $other #rrggbb
     *
     * @throws Refused for what is no colour
     */
    public static function between(string $one, string $other): self
    {
        [$light, $dark] = [self::luminance($one), self::luminance($other)];

        return new self((max($light, $dark) + 0.05) / (min($light, $dark) + 0.05));
    }

    /** Whether letters of the one are read on the other. */
    public function reads(): bool
    {
        return $this->ratio >= self::READS;
    }

    /** `4.5 to 1` */
    public function inWords(): string
    {
        return round($this->ratio, 1).' to 1';
    }

    /** Whether this is a colour as it is written here. */
    public static function isColour(string $typed): bool
    {
        return 1 === preg_match('~^#[0-9a-f]{6}$~Di', $typed);
    }

    private static function luminance(string $colour): float
    {
        if (!self::isColour($colour)) {
            throw new Refused('no-colour', 'A colour is written as #rrggbb.', '/colour');
        }
        $sum = 0.0;
        foreach (str_split(substr($colour, 1), 2) as $nth => $hex) {
            $channel = hexdec($hex) / 255;
            $sum += self::SHARES[$nth] *
                ($channel <= self::LINEAR ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4);
        }

        return $sum;
    }
}
