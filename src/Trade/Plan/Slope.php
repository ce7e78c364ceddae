<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * How level a line in a photo is: two spots on the foot of the letters, and two on an edge of the object it should run
 * along, where the photo itself was held askew. Source: handbook section 11.
 */
final readonly class Slope
{
    /** Told no finer than a hand can tap. */
    private const FINEST = 0.2;

    /** @param float $degrees clockwise, of the line against what it should run along */
    private function __construct(public float $degrees)
    {
    }

    /**
     * @param array{float, float, float, float}      $line  from and to, in any measure, y down
     * @param array{float, float, float, float}|null $along the same of an edge; none where the photo was held level
     *
     * @throws Refused where two spots are one
     */
    public static function of(array $line, ?array $along): self
    {
        $turned = self::angle($line, '/line') - (null === $along ? 0.0 : self::angle($along, '/along'));
        // A line has no direction: it is never turned by more than a quarter.
        $turned -= 180 * round($turned / 180);

        return new self(self::FINEST * round($turned / self::FINEST));
    }

    /** Is it seen to be crooked? */
    public function isCrooked(Rules $rules): bool
    {
        return abs($this->degrees) >= $rules->value(Rule::Crooked);
    }

    /** In a sentence or two, for a decal so long. */
    public function says(Length $long, Rules $rules): string
    {
        if (0.0 === $this->degrees) {
            return 'It is level.';
        }
        $off = $long->times(abs(tan(deg2rad($this->degrees))));
        $degrees = number_format(abs($this->degrees), 1);
        $falls = $this->degrees > 0 ? 'falls' : 'rises';

        return "It $falls to the right by {$degrees}°, {$off->inBoth()} over its length. ".
            ($this->isCrooked($rules) ? 'People will see that.' : 'Nobody will see that.');
    }

    /** @param array{float, float, float, float} $line */
    private static function angle(array $line, string $at): float
    {
        [$x, $y, $toX, $toY] = $line;
        if (hypot($toX - $x, $toY - $y) < 1e-6) {
            throw new Refused('one-spot', 'Tap two spots that lie apart.', $at);
        }

        return rad2deg(atan2($toY - $y, $toX - $x));
    }
}
