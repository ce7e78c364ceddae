<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Region;

/**
 * Lays rectangles on rectangles, exactly: always into the lowest notch of what is laid, the one that
 * fills it best, so that a set cut from one sheet goes back together. Among those that fill a notch
 * alike an order decides, and that is changed a little again and again.
 *
 * @phpstan-type Laid array{int, float, int, int}
 */
final class Rectangles
{
    /** Of a box: what fills it to this share is a rectangle. */
    private const FILLED = 0.99999;
    private const SEED = 20_261_126;

    /** @var list<list<array{int, int, float}>> by copy: width and height with the gap, µm, and its turn */
    private array $sides = [];
    /** @var list<array{int, int, int, int}|null> by stock: left, top, width and height with the gap */
    private array $rooms = [];

    /**
     * @param list<NestStock>     $stock
     * @param list<NestPiece>     $copies
     * @param list<int|float> $turns
     */
    private function __construct(
        private readonly array $stock,
        private readonly array $copies,
        private readonly int $gap,
        int $edge,
        array $turns,
    ) {
        foreach ($copies as $piece) {
            $sides = [];
            foreach ($piece->turns ?? $turns as $turn) {
                $box = $piece->region->turned((float) $turn)->box();
                $sides["{$box->width()} {$box->height()}"] ??= [
                    $box->width() + $gap,
                    $box->height() + $gap,
                    (float) $turn,
                ];
            }
            $this->sides[] = array_values($sides);
        }
        foreach ($stock as $item) {
            $room = $item->room($edge)?->box();
            $this->rooms[] =
                null === $room ? null : [$room->left, $room->top, $room->width() + $gap, $room->height() + $gap];
        }
    }

    /**
     * @param list<NestStock>     $stock
     * @param list<NestPiece>     $copies
     * @param int $gap µm
     * @param int $edge to the edge of the sheet, µm
     * @param list<int|float> $turns
     *
     * @return self|null nothing where anything is no rectangle
     */
    public static function forStock(array $stock, array $copies, int $gap, int $edge, array $turns): ?self
    {
        foreach (
            [
                ...array_map(static fn (NestPiece $piece): Region => $piece->region, $copies),
                ...array_map(static fn (NestStock $item): Region => $item->outline, $stock),
            ] as $region
        ) {
            $box = $region->box();
            if (
                1 !== \count($region->rings())
                || $region->area() * 1e6 < self::FILLED * $box->width() * $box->height()
            ) {
                return null;
            }
        }
        foreach ($copies as $piece) {
            foreach ($piece->turns ?? $turns as $turn) {
                if (0.0 !== fmod((float) $turn, 90)) {
                    return null;
                }
            }
        }

        return new self($stock, $copies, $gap, $edge, $turns);
    }

    /**
     * Every try in its turn: what it found where that is better than all before, else nothing.
     *
     * @return \Generator<int, array{list<array{int, list<Laid>, null}>, list<int>}|null>
     */
    public function tries(): \Generator
    {
        $best = \INF;
        $order = [];
        foreach ($this->orders() as $first) {
            [$found, $cost] = $this->lay($first);
            if ($cost < $best) {
                [$best, $order] = [$cost, $first];
                yield $found;
            } else {
                yield null;
            }
        }
        $random = new Randomizer(new Mt19937(self::SEED));
        $count = \count($order);
        while ($count > 1) {
            $changed = $order;
            for ($times = $random->getInt(1, 4); $times > 0; --$times) {
                [$a, $b] = [$random->getInt(0, $count - 1), $random->getInt(0, $count - 1)];
                if (0 === $random->getInt(0, 2)) {
                    [$changed[$a], $changed[$b]] = [$changed[$b], $changed[$a]];
                    continue;
                }
                $moved = array_splice($changed, $a, 1);
                array_splice($changed, $b, 0, $moved);
            }
            $changed = array_values($changed);
            [$found, $cost] = $this->lay($changed);
            $better = $cost < $best;
            if ($cost <= $best) {
                [$best, $order] = [$cost, $changed];
            }
            yield $better ? $found : null;
        }
    }

    /** @return list<list<int>> by height, by width, by area, by the longer side */
    private function orders(): array
    {
        $of = [];
        foreach ($this->sides as $copy => [[$width, $height]]) {
            $of[0][$copy] = min($width, $height) + max($width, $height) * 1000;
            $of[1][$copy] = $width * $height;
            $of[2][$copy] = $height;
            $of[3][$copy] = $width;
        }

        return array_map(static function (array $size): array {
            uksort($size, static fn (int $a, int $b): int => [$size[$b], $a] <=> [$size[$a], $b]);

            return array_keys($size);
        }, $of);
    }

    /**
     * @param list<int> $order
     *
     * @return array{array{list<array{int, list<Laid>, null}>, list<int>}, float} and what it costs
     */
    private function lay(array $order): array
    {
        $waiting = $order;
        $filled = $used = [];
        foreach ($this->stock as $of => $item) {
            for ($nth = 0; $nth < $item->count && [] !== $waiting && null !== $this->rooms[$of]; ++$nth) {
                [$laid, $waiting, $bottom] = $this->fill($this->rooms[$of], $waiting);
                if ([] === $laid) {
                    break;
                }
                $filled[] = [$of, $laid, null];
                $used[] = [$of, $bottom];
            }
        }

        return [
            [$filled, $waiting],
            Cost::ofPlan($this->stock, $used, array_map(fn (int $copy): NestPiece => $this->copies[$copy], $waiting)),
        ];
    }

    /**
     * @param array{int, int, int, int} $room
     * @param list<int>                 $waiting
     *
     * @return array{list<Laid>, list<int>, int} what was laid, what still waits, and how far down it reaches
     */
    private function fill(array $room, array $waiting): array
    {
        [$left, $top, $width, $height] = $room;
        // What is laid, as steps from left to right: where each begins, how far down it reaches, how wide it is.
        $steps = [[0, 0, $width]];
        $laid = [];
        $bottom = 0;
        while ([] !== $waiting && [] !== $steps) {
            $at = 0;
            foreach ($steps as $nth => $step) {
                $at = $step[1] < $steps[$at][1] ? $nth : $at;
            }
            [$x, $y, $wide] = $steps[$at];
            if ($y >= $height) {
                break;
            }
            $before = $at > 0 ? $steps[$at - 1][1] : $height;
            $after = isset($steps[$at + 1]) ? $steps[$at + 1][1] : $height;
            $best = $this->best($waiting, $wide, $height - $y, $before - $y, $after - $y);
            if (null === $best) {
                // A notch that nothing goes into is waste up to its lower neighbour.
                array_splice($steps, $at, 1, [[$x, min($before, $after), $wide]]);
                $steps = self::joined($steps);
                continue;
            }
            [$nth, [$across, $down, $turn]] = $best;
            // Against the higher neighbour, so that what is left of the notch stays in one piece.
            $from = $before >= $after ? $x : $x + $wide - $across;
            $laid[] = [$waiting[$nth], $turn, $left + $from, $top + $y];
            $bottom = max($bottom, $top + $y + $down - $this->gap);
            array_splice($waiting, $nth, 1);
            $new = [[$from, $y + $down, $across]];
            if ($across < $wide) {
                $rest = [$from === $x ? $x + $across : $x, $y, $wide - $across];
                $new = $from === $x ? [$new[0], $rest] : [$rest, $new[0]];
            }
            array_splice($steps, $at, 1, $new);
            $steps = self::joined($steps);
        }

        return [$laid, array_values($waiting), $bottom];
    }

    /**
     * The copy that fills a notch best: as wide as it, then level with a neighbour, then the first.
     *
     * @param list<int> $waiting
     *
     * @return array{int, array{int, int, float}}|null its place in the order, and its sides
     */
    private function best(array $waiting, int $wide, int $deep, int $before, int $after): ?array
    {
        $best = null;
        $most = -1;
        foreach ($waiting as $nth => $copy) {
            foreach ($this->sides[$copy] as $sides) {
                [$across, $down] = $sides;
                if ($across > $wide || $down > $deep) {
                    continue;
                }
                $score =
                    ($across === $wide ? 2 : 0) + ($down === $before || $down === $after || $down === $deep ? 1 : 0);
                if ($score > $most) {
                    [$most, $best] = [$score, [$nth, $sides]];
                }
            }
            if (3 === $most) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param list<array{int, int, int}> $steps
     *
     * @return list<array{int, int, int}> steps at one height as one
     */
    private static function joined(array $steps): array
    {
        $joined = [];
        foreach ($steps as [$x, $y, $wide]) {
            $last = array_pop($joined);
            if (null !== $last && $last[1] === $y) {
                $joined[] = [$last[0], $y, $last[2] + $wide];
                continue;
            }
            if (null !== $last) {
                $joined[] = $last;
            }
            $joined[] = [$x, $y, $wide];
        }

        return $joined;
    }
}
