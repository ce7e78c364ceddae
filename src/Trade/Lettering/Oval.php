<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * A baseline that is a circle or a true oval about the origin, walked from its top to the right. µm, y down.
 * Source: handbook section 4, "A band".
 */
final class Oval
{
    /** Parts a quarter of the way round is measured by: true to a millionth of it. */
    private const PARTS = 180;

    /** @var list<float>|null how far it is from the top to each part of the first quarter */
    private ?array $way = null;

    /**
     * @param float $across half its width
     * @param float $down   half its height
     */
    public function __construct(private readonly float $across, private readonly float $down)
    {
    }

    /**
     * So much larger all round.
     *
     * @param float $by µm
     */
    public function grown(float $by): self
    {
        return new self($this->across + $by, $this->down + $by);
    }

    /** @return array{float, float} half its width and half its height */
    public function halves(): array
    {
        return [$this->across, $this->down];
    }

    /** The smaller of its half sides. */
    public function tightest(): float
    {
        return min($this->across, $this->down);
    }

    /** All the way round. */
    public function length(): float
    {
        return $this->isCircle() ? 2 * \M_PI * $this->across : 4 * $this->quarter()[self::PARTS];
    }

    /**
     * The angle about the middle, in the sense of an oval, so far from the top; radians.
     *
     * @param float $way along it from the top, µm
     */
    public function angleAt(float $way): float
    {
        if ($this->isCircle()) {
            return $way / $this->across;
        }
        $quarter = $this->quarter()[self::PARTS];
        $far = abs($way);
        $turns = (int) floor($far / $quarter);
        $rest = $far - $turns * $quarter;
        // Every second quarter runs back the way the first one came.
        $angle = 0 === $turns % 2
            ? $turns * (\M_PI / 2) + $this->inFirst($rest)
            : ($turns + 1) * (\M_PI / 2) - $this->inFirst($quarter - $rest);

        return $way < 0 ? -$angle : $angle;
    }

    /**
     * The point at an angle, and the way out there.
     *
     * @param float $angle radians
     *
     * @return array{float, float, float, float} x, y, and a direction one long
     */
    public function at(float $angle): array
    {
        [$sin, $cos] = [sin($angle), cos($angle)];
        [$x, $y] = [$this->down * $sin, -$this->across * $cos];
        $long = hypot($x, $y);

        return [$this->across * $sin, -$this->down * $cos, $x / $long, $y / $long];
    }

    /**
     * How a letter standing at an angle is turned, radians clockwise.
     *
     * @param float $angle radians
     */
    public function slope(float $angle): float
    {
        [, , $x, $y] = $this->at($angle);

        return atan2($x, -$y);
    }

    /**
     * The least way out to a larger oval about the same middle: two ovals are not as far apart all round.
     *
     * @param float $across half its width, µm
     * @param float $down   half its height, µm
     */
    public function leastTo(float $across, float $down): float
    {
        $least = \INF;
        for ($part = 0; $part <= self::PARTS; ++$part) {
            [$x, $y, $outX, $outY] = $this->at(($part * \M_PI) / 2 / self::PARTS);
            $square = ($outX / $across) ** 2 + ($outY / $down) ** 2;
            $half = ($x * $outX) / $across ** 2 + ($y * $outY) / $down ** 2;
            $rest = ($x / $across) ** 2 + ($y / $down) ** 2 - 1;
            $least = min($least, (sqrt(max(0.0, $half ** 2 - $square * $rest)) - $half) / $square);
        }

        return max(0.0, $least);
    }

    private function isCircle(): bool
    {
        return $this->across === $this->down;
    }

    /** @return list<float> */
    private function quarter(): array
    {
        if (null === $this->way) {
            $this->way = [0.0];
            $step = \M_PI / 2 / self::PARTS;
            for ($part = 0; $part < self::PARTS; ++$part) {
                // By its middle: the curve is smooth.
                $angle = ($part + 0.5) * $step;
                $along = hypot($this->across * cos($angle), $this->down * sin($angle));
                $this->way[] = $this->way[$part] + $step * $along;
            }
        }

        return $this->way;
    }

    private function inFirst(float $way): float
    {
        $quarter = $this->quarter();
        [$low, $high] = [0, self::PARTS];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $quarter[$middle] <= $way ? [$middle, $high] : [$low, $middle];
        }
        $part = max(1e-9, $quarter[$high] - $quarter[$low]);

        return (($low + ($way - $quarter[$low]) / $part) * \M_PI) / 2 / self::PARTS;
    }
}
