<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Largest;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Refused;

/** The largest letters on a circle that does not grow with them. Source: handbook section 4. */
final readonly class LargestOnCircle
{
    /** Of a size: how finely the largest is found. */
    private const FINE = 0.0008;
    private const MOST_TRIES = 24;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * Letters on a circle of a given size: larger ones until they no longer fit.
     *
     * @param array{float, float} $middle of the object, µm
     *
     * @return array{int, Largest} the size itself, µm, and where a scale of one goes
     *
     * @throws Refused where the circle is too large for the object
     */
    public function largest(Words $words, Room $inner, array $middle): array
    {
        $room = $inner->region()->isEmpty() ? Box::sized(1, 1) : $inner->region()->box();
        $does = null;
        $low = (float) Typesetter::SMALLEST;
        $high = (float) min(Typesetter::LARGEST, max($room->height(), $room->width()));
        $try = sqrt($low * $high);
        for ($round = 0; $round < self::MOST_TRIES && $high - $low > self::FINE * $low; ++$round) {
            [$scale, $largest] = $this->atSize($words, $inner, (int) $try, $middle);
            if ($scale >= 1 && null !== $largest) {
                $does = [(int) $try, $largest];
                $low = $try;
            } else {
                $high = $try;
            }
            // A step by the scale first, then halving.
            $guess = $try * max(0.5, min(2.0, $scale));
            $try =
                $round < 6 && $guess > $low * (1 + self::FINE) && $guess < $high * (1 - self::FINE)
                    ? $guess
                    : ($round < 3
                        ? sqrt($low * $high)
                        : ($low + $high) / 2);
        }
        if (null === $does) {
            throw new Refused(
                'circle-too-large',
                'A circle of this radius has no room for these words on this object. Take another radius, or leave '
                    .'it to the words.',
                '/radius',
            );
        }

        return $does;
    }

    /**
     * @param array{float, float} $middle
     *
     * @return array{float, Largest|null}
     */
    private function atSize(Words $words, Room $inner, int $capHeight, array $middle): array
    {
        try {
            $top = $this->typesetter->top($words, $capHeight);
        } catch (Refused $refused) {
            return 'circle-too-small' === $refused->reason ? [0.0, null] : throw $refused;
        }
        if ($words->setting->isRing() && 0 < $inner->region()->holes()) {
            $centred = new Centred($top, $inner, $middle);

            return [$centred->scale(), $centred];
        }
        $largest = $inner->largest($top);

        return [$largest->scale(), $largest];
    }
}
