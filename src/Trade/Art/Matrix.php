<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/** An affine map as SVG writes it: x' = a·x + c·y + e, y' = b·x + d·y + f. */
final readonly class Matrix
{
    private const TAKES = [
        'matrix' => [6, 6],
        'translate' => [1, 2],
        'scale' => [1, 2],
        'rotate' => [1, 3],
        'skewX' => [1, 1],
        'skewY' => [1, 1],
    ];

    public function __construct(
        public float $a = 1.0,
        public float $b = 0.0,
        public float $c = 0.0,
        public float $d = 1.0,
        public float $e = 0.0,
        public float $f = 0.0,
    ) {
    }

    /**
     * A `transform` attribute.
     *
     * @return self|null nothing where it cannot be read
     */
    public static function read(string $transform): ?self
    {
        $all = new self();
        $rest = trim($transform, " \t\r\n,");
        while ('' !== $rest) {
            if (!preg_match('~^(\w+)\s*\(([^()]*)\)[\s,]*~', $rest, $found)) {
                return null;
            }
            $rest = substr($rest, \strlen($found[0]));
            $n = array_map(Figure::read(...), preg_split('~[\s,]+~', trim($found[2]), -1, \PREG_SPLIT_NO_EMPTY) ?: []);
            $takes = self::TAKES[$found[1]] ?? null;
            if (
                null === $takes
                || \count($n) < $takes[0]
                || \count($n) > $takes[1]
                || ('rotate' === $found[1] && 2 === \count($n))
            ) {
                return null;
            }
            $all = $all->times(
                match ($found[1]) {
                    'matrix' => new self(...$n),
                    'translate' => self::move($n[0], $n[1] ?? 0.0),
                    'scale' => new self($n[0], 0, 0, $n[1] ?? $n[0]),
                    'rotate' => self::move($n[1] ?? 0.0, $n[2] ?? 0.0)
                        ->times(
                            new self(
                                cos(deg2rad($n[0])),
                                sin(deg2rad($n[0])),
                                -sin(deg2rad($n[0])),
                                cos(deg2rad($n[0])),
                            ),
                        )
                        ->times(self::move(-($n[1] ?? 0.0), -($n[2] ?? 0.0))),
                    'skewX' => new self(1, 0, tan(deg2rad($n[0])), 1),
                    default => new self(1, tan(deg2rad($n[0])), 0, 1),
                },
            );
        }

        return $all;
    }

    /**
     * A move, user units.
     *
     * @param float $x in the unit of the drawing
     * @param float $y in the unit of the drawing
     */
    public static function move(float $x, float $y): self
    {
        return new self(1, 0, 0, 1, $x, $y);
    }

    /** First the other, then this. */
    public function times(self $other): self
    {
        return new self(
            $this->a * $other->a + $this->c * $other->b,
            $this->b * $other->a + $this->d * $other->b,
            $this->a * $other->c + $this->c * $other->d,
            $this->b * $other->c + $this->d * $other->d,
            $this->a * $other->e + $this->c * $other->f + $this->e,
            $this->b * $other->e + $this->d * $other->f + $this->f,
        );
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    public function on(array $point): array
    {
        return [
            $this->a * $point[0] + $this->c * $point[1] + $this->e,
            $this->b * $point[0] + $this->d * $point[1] + $this->f,
        ];
    }

    /** By how much areas grow, as a length. */
    public function size(): float
    {
        return sqrt(abs($this->a * $this->d - $this->b * $this->c));
    }

    /** By how much any length grows at the most. */
    public function most(): float
    {
        return sqrt(
            max($this->a ** 2 + $this->b ** 2, $this->c ** 2 + $this->d ** 2) +
                abs($this->a * $this->c + $this->b * $this->d),
        );
    }
}
