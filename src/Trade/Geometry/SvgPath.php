<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Regions as SVG path data in millimetres, y down.
 *
 * Written with M, L and Z only. All of M L H V C S Q T A Z is read, absolute and relative;
 * curves are flattened to 0.004 mm, since at 0.02 mm the box of an arc moves by as much
 * and gaps would fall short.
 */
final class SvgPath
{
    /** In mm. */
    private const FLATNESS = 0.004;
    private const LONGEST_TEXT = 5_000_000;
    private const MOST_POINTS = 100_000;
    /** In mm: 100 m, as for a length. */
    private const FARTHEST = 100_000.0;

    /** The radius of an arc that is all but straight can be this large. */
    private const LARGEST_FIGURE = 1e9;

    private const TAKES = [
        'M' => 2,
        'L' => 2,
        'H' => 1,
        'V' => 1,
        'C' => 6,
        'S' => 4,
        'Q' => 4,
        'T' => 2,
        'A' => 7,
        'Z' => 0,
    ];

    /** @var list<array{list<array{float, float}>, bool}> */
    private array $lines = [];
    /** @var list<array{float, float}> */
    private array $ring = [];
    /** @var array{float, float} */
    private array $at = [0.0, 0.0];
    /** @var array{float, float} the last control point, for S and T */
    private array $control = [0.0, 0.0];
    private string $last = '';
    private int $points = 0;

    private function __construct(private readonly float $flatness = self::FLATNESS)
    {
    }

    /** A region as path data, mm. */
    public static function write(Region $region): string
    {
        $path = '';
        foreach ($region->rings() as $ring) {
            foreach ($ring as $nth => [$x, $y]) {
                $path .= (0 === $nth ? 'M' : 'L').self::figure($x).' '.self::figure($y);
            }
            $path .= 'Z';
        }

        return $path;
    }

    /** @throws UnreadablePath */
    public static function read(string $path): Region
    {
        $micrometres = array_map(
            static fn (array $ring): array => array_map(
                static fn (array $point): array => [(int) round($point[0] * 1000), (int) round($point[1] * 1000)],
                $ring,
            ),
            self::rings($path),
        );
        Crossings::refuseTangles($micrometres);
        $region = Winding::region($micrometres);
        if ($region->isEmpty()) {
            throw UnreadablePath::because('The path encloses no area. It needs at least one closed outline.');
        }

        return $region;
    }

    /**
     * The rings as drawn, curves flattened, in mm.
     *
     * @return list<list<array{float, float}>>
     *
     * @throws UnreadablePath
     */
    public static function rings(string $path): array
    {
        return array_values(
            array_filter(array_column(self::lines($path), 0), static fn (array $line): bool => \count($line) > 2),
        );
    }

    /**
     * Every line as drawn, open ones too, curves flattened, in the path's own unit.
     *
     * @param float $flatness how far a straight piece may stand off its curve, in that unit
     *
     * @return list<array{list<array{float, float}>, bool}> points, and whether the line was closed
     *
     * @throws UnreadablePath
     */
    public static function lines(string $path, float $flatness = self::FLATNESS): array
    {
        if (\strlen($path) > self::LONGEST_TEXT) {
            throw UnreadablePath::absurd('The path is longer than 5 MB. Simplify the drawing.');
        }
        $reader = new self($flatness);
        $reader->all($path);

        return $reader->lines;
    }

    private function all(string $path): void
    {
        $offset = 0;
        $length = \strlen($path);
        $command = '';
        while (true) {
            $offset += strspn($path, " \t\r\n\f,", $offset);
            if ($offset >= $length) {
                break;
            }
            if (ctype_alpha($path[$offset])) {
                $command = $path[$offset];
                ++$offset;
                if (!isset(self::TAKES[strtoupper($command)])) {
                    throw UnreadablePath::because("“{$command}” is not a path command. M L H V C S Q T A Z are read.");
                }
                if ('' === $this->last && 'M' !== strtoupper($command)) {
                    throw UnreadablePath::because('A path starts with M.');
                }
            } elseif ('' === $command || 'Z' === strtoupper($command)) {
                throw UnreadablePath::because('The path has a figure where a command should stand.');
            }
            $this->step($command, $this->figures($path, $offset, strtoupper($command)));
            if ('M' === $command) {
                $command = 'L';
            } elseif ('m' === $command) {
                $command = 'l';
            }
        }
        $this->close();
    }

    /** @return list<float> */
    private function figures(string $path, int &$offset, string $command): array
    {
        $figures = [];
        for ($nth = 0; $nth < self::TAKES[$command]; ++$nth) {
            $flag = 'A' === $command && (3 === $nth || 4 === $nth);
            $pattern = $flag ? '~\G[\s,]*([01])~' : '~\G[\s,]*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)~';
            if (!preg_match($pattern, $path, $found, 0, $offset)) {
                throw UnreadablePath::because("{$command} needs ".self::TAKES[$command].' figures and has fewer.');
            }
            $offset += \strlen($found[0]);
            $figure = (float) $found[1];
            if (!(abs($figure) <= self::LARGEST_FIGURE)) {
                throw UnreadablePath::absurd('The path has a figure that no outline needs. Lengths are millimetres.');
            }
            $figures[] = $figure;
        }

        return $figures;
    }

    /** @param list<float> $n */
    private function step(string $command, array $n): void
    {
        $kind = strtoupper($command);
        if ($command !== $kind) {
            $n = $this->absolute($kind, $n);
        }
        if ('M' !== $kind && 'Z' !== $kind && [] === $this->ring) {
            $this->ring = [$this->at];
        }
        if ('T' === $kind) {
            $n = [...str_contains('QT', $this->last) ? $this->mirrored() : $this->at, ...$n];
        }
        if ('M' === $kind) {
            $this->close();
            $this->ring = [[$n[0], $n[1]]];
            $this->at = [$n[0], $n[1]];
        } elseif ('Z' === $kind) {
            $this->at = $this->ring[0] ?? $this->at;
            $this->close(true);
        } else {
            $this->draw($this->drawn($kind, $n));
        }
        $this->control = match ($kind) {
            'C' => [$n[2], $n[3]],
            'S', 'Q', 'T' => [$n[0], $n[1]],
            default => $this->at,
        };
        $this->last = $kind;
    }

    /**
     * @param string      $kind a letter that draws
     * @param list<float> $n    absolute
     *
     * @return list<array{float, float}> points from here on, flattened
     */
    private function drawn(string $kind, array $n): array
    {
        $here = $this->at;
        $flat = $this->flatness;

        return match ($kind) {
            'L' => [[$n[0], $n[1]]],
            'H' => [[$n[0], $here[1]]],
            'V' => [[$here[0], $n[0]]],
            'C' => Curve::cubic($here, [$n[0], $n[1]], [$n[2], $n[3]], [$n[4], $n[5]], $flat),
            'S' => Curve::cubic(
                $here,
                str_contains('CS', $this->last) ? $this->mirrored() : $here,
                [$n[0], $n[1]],
                [$n[2], $n[3]],
                $flat,
            ),
            'Q', 'T' => Curve::quadratic($here, [$n[0], $n[1]], [$n[2], $n[3]], $flat),
            default => Curve::arc($here, $n[0], $n[1], $n[2], 1.0 === $n[3], 1.0 === $n[4], [$n[5], $n[6]], $flat),
        };
    }

    /** @return array{float, float} the last control point, seen from the other side of here */
    private function mirrored(): array
    {
        return [2 * $this->at[0] - $this->control[0], 2 * $this->at[1] - $this->control[1]];
    }

    /**
     * @param list<float> $n
     *
     * @return list<float>
     */
    private function absolute(string $kind, array $n): array
    {
        [$x, $y] = $this->at;
        switch ($kind) {
            case 'H':
                return [$n[0] + $x];
            case 'V':
                return [$n[0] + $y];
            case 'A':
                return [$n[0], $n[1], $n[2], $n[3], $n[4], $n[5] + $x, $n[6] + $y];
        }

        return array_map(
            static fn (float $figure, int $nth): float => $figure + (0 === $nth % 2 ? $x : $y),
            $n,
            array_keys($n),
        );
    }

    /** @param list<array{float, float}> $points */
    private function draw(array $points): void
    {
        foreach ($points as $point) {
            if (!(abs($point[0]) <= self::FARTHEST && abs($point[1]) <= self::FARTHEST)) {
                throw UnreadablePath::absurd('The path goes farther than 100 m. Lengths are millimetres.');
            }
            $this->ring[] = $point;
        }
        $this->points += \count($points);
        if ($this->points > self::MOST_POINTS) {
            throw UnreadablePath::absurd('The path has more than 100 000 points. Simplify the drawing.');
        }
        $this->at = $points[\count($points) - 1];
    }

    private function close(bool $closed = false): void
    {
        if (\count($this->ring) > 1) {
            $this->lines[] = [$this->ring, $closed];
        }
        $this->ring = [];
    }

    private static function figure(int $micrometres): string
    {
        $sign = $micrometres < 0 ? '-' : '';
        $size = abs($micrometres);
        $after = $size % 1000;

        return $sign.
            intdiv($size, 1000).
            (0 === $after ? '' : '.'.rtrim(str_pad((string) $after, 3, '0', \STR_PAD_LEFT), '0'));
    }
}
