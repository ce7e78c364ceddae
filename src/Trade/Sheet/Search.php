<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Geos;

/**
 * Tries orders in which copies are laid out, each copy at the first free place of the first stock
 * that has one. First a few orders by size; then the best with two to four copies swapped or moved,
 * again from where the order first differs. One fixed sequence: only how long it goes on differs.
 *
 * @phpstan-type Placed array{int, Shape, int, int}
 * @phpstan-type Filled array{int, list<array{int, float, int, int}>, int|null}
 * @phpstan-type OpenSheet array{stock: int, fixed: int|null, taken: \GMP, near: array<string, \GMP>, reach: int, free: int, placed: list<Placed>, bottom: int, full: array<string, true>}
 * @phpstan-type State array{sheets: list<OpenSheet>, used: array<int, int>, left: list<int>}
 */
final class Search
{
    /** What film from the shelf counts against that of the stock listed last. */
    private const SHELF = 0.3;
    /** Of a sheet: what beginning one costs, in trimming and loading. */
    private const BEGUN = 0.02;
    /** What film that is not cut counts against film that is used. */
    private const LEFT = 1e4;
    private const SEED = 20_261_125;
    /** So many orders, those with most pieces, are laid by the gap inside an order; others keep the larger one everywhere. */
    private const MOST_ORDERS = 16;

    /** @var array<string, list<Shape>> by the piece's id */
    private array $shapes = [];
    /** @var array<string, true> stock and piece that never go together */
    private array $never = [];
    /** @var array<string, true> orders that are laid by the gap inside an order */
    private array $own = [];

    /**
     * @param list<Stock>                $stock
     * @param list<Piece>                $copies
     * @param list<Bed|null>                  $beds   by the stock's place
     * @param \Closure(Piece): list<Shape>    $shape  a piece at each of its turns
     * @param list<Fixed>                     $fixed  sheets that pieces lie on already
     */
    public function __construct(private readonly array $stock, private readonly array $copies, private readonly array $beds, private readonly \Closure $shape, private readonly Gaps $gaps, private readonly array $fixed = [])
    {
        if ($gaps->inside < $gaps->between) {
            $count = array_count_values(array_filter(array_map(static fn (Piece $piece): string => $piece->order, [...$copies, ...array_merge(...array_map(static fn (Fixed $sheet): array => $sheet->pieces(), $fixed))]), static fn (string $order): bool => '' !== $order));
            $count = array_filter($count, static fn (int $pieces): bool => $pieces > 1);
            arsort($count);
            $this->own = array_fill_keys(array_map(strval(...), array_keys(\array_slice($count, 0, self::MOST_ORDERS, true))), true);
        }
    }

    /**
     * Every try in its turn: what it found where that is better than all before, else nothing. Nothing
     * comes after each copy of the first try too, unless that is to be made in one go.
     *
     * @return \Generator<int, array{list<Filled>, list<int>}|null>
     */
    public function tries(bool $atOnce): \Generator
    {
        $best = $bestStates = null;
        $bestCost = \INF;
        $order = [];
        foreach ($this->orders() as $nth => $first) {
            $states = [$this->start()];
            if (0 === $nth && !$atOnce) {
                foreach ($first as $at => $copy) {
                    $states[] = $this->place($states[$at], $copy);
                    yield null;
                }
            } else {
                $states = $this->lay($first, 0, $states, $bestCost);
            }
            $cost = null === $states ? \INF : $this->cost($states[\count($first)]);
            if (null !== $states && $cost < $bestCost) {
                [$bestCost, $bestStates, $order] = [$cost, $states, $first];
                yield $this->found($states[\count($first)]);
            } else {
                yield null;
            }
        }
        $random = new Randomizer(new Mt19937(self::SEED));
        $count = \count($order);
        while ($count > 1 && null !== $bestStates) {
            [$changed, $from] = $this->changed($order, $random);
            $states = $this->lay($changed, $from, \array_slice($bestStates, 0, $from + 1), $bestCost);
            if (null === $states) {
                yield null;
                continue;
            }
            $cost = $this->cost($states[$count]);
            $better = $cost < $bestCost;
            [$bestCost, $bestStates, $order] = [$cost, $states, $changed];
            yield $better ? $this->found($states[$count]) : null;
        }
    }

    /** @return list<list<int>> by the box, the longer side, the film, and half way round, the largest first */
    private function orders(): array
    {
        $of = [];
        foreach ($this->copies as $copy => $piece) {
            $box = $piece->region->box();
            $of[0][$copy] = $box->width() * $box->height();
            $of[1][$copy] = max($box->width(), $box->height());
            $of[2][$copy] = $piece->region->area();
            $of[3][$copy] = $box->width() + $box->height();
        }

        return array_map(static function (array $size): array {
            uksort($size, static fn (int $a, int $b): int => [$size[$b], $a] <=> [$size[$a], $b]);

            return array_keys($size);
        }, $of);
    }

    /**
     * @param list<int> $order
     *
     * @return array{list<int>, int} the order changed, and the first place where it differs
     */
    private function changed(array $order, Randomizer $random): array
    {
        $count = \count($order);
        $changed = $order;
        for ($times = $random->getInt(1, 3); $times > 0; --$times) {
            [$a, $b] = [$random->getInt(0, $count - 1), $random->getInt(0, $count - 1)];
            if (0 === $random->getInt(0, 1)) {
                [$changed[$a], $changed[$b]] = [$changed[$b], $changed[$a]];
            } else {
                $moved = array_splice($changed, $a, 1);
                array_splice($changed, $b, 0, $moved);
            }
        }
        $changed = array_values($changed);
        for ($from = 0; $from < $count - 1 && $changed[$from] === $order[$from]; ++$from) {
        }

        return [$changed, $from];
    }

    /** @return State */
    private function start(): array
    {
        $state = ['sheets' => [], 'used' => [], 'left' => []];
        foreach ($this->fixed as $nth => $fixed) {
            $bed = $this->beds[$fixed->stock] ?? null;
            $state['used'][$fixed->stock] = 1 + ($state['used'][$fixed->stock] ?? 0);
            if (null !== $bed) {
                $state['sheets'][] = $this->begun($bed, $fixed, $nth);
            }
        }

        return $state;
    }

    /** @return OpenSheet */
    private function begun(Bed $bed, Fixed $fixed, int $nth): array
    {
        $sheet = ['stock' => $fixed->stock, 'fixed' => $nth, 'taken' => $bed->empty, 'near' => [], 'reach' => 0, 'free' => $bed->free, 'placed' => [], 'bottom' => 0, 'full' => []];
        foreach ($fixed->laid as [$piece, $put]) {
            [, $near, $far] = Geos::spread($put, $this->gaps->inside + Shape::slack($this->gaps->inside), $this->gaps->between + Shape::slack($this->gaps->between), Shape::SIMPLE);
            $before = $sheet['taken'];
            foreach ($sheet['near'] as $order => $taken) {
                $sheet['near'][$order] = $bed->takeOutline($taken, (string) $order === $piece->order ? $near : $far);
            }
            if (isset($this->own[$piece->order])) {
                $sheet['near'][$piece->order] ??= $bed->takeOutline($before, $near);
            }
            $sheet['taken'] = $bed->takeOutline($before, $far);
            $sheet['bottom'] = max($sheet['bottom'], $put->box()->bottom);
            $sheet['reach'] = max($sheet['reach'], $bed->cell(0, $far->box()->bottom)[0] + 1);
        }

        return $sheet;
    }

    /**
     * @param list<int>   $order
     * @param list<State> $states how it was before each copy up to a place
     *
     * @return list<State>|null before each copy, and at the end; nothing once it costs more than a limit, for it only ever grows
     */
    private function lay(array $order, int $from, array $states, float $limit): ?array
    {
        $state = $states[$from];
        for ($nth = $from, $count = \count($order); $nth < $count; ++$nth) {
            $state = $this->place($state, $order[$nth]);
            if ($this->cost($state) > $limit) {
                return null;
            }
            $states[] = $state;
        }

        return $states;
    }

    /**
     * @param State $state
     *
     * @return State
     */
    private function place(array $state, int $copy): array
    {
        $id = $this->copies[$copy]->id;
        $this->shapes[$id] ??= ($this->shape)($this->copies[$copy]);
        foreach ($this->stock as $of => $item) {
            $bed = $this->beds[$of];
            if (null === $bed || isset($this->never["$of $id"])) {
                continue;
            }
            foreach ($state['sheets'] as $nth => $sheet) {
                if ($sheet['stock'] !== $of || isset($sheet['full'][$id])) {
                    continue;
                }
                $spot = $this->spot($bed, $sheet['near'][$this->copies[$copy]->order] ?? $sheet['taken'], $sheet['reach'], $id, $sheet['free']);
                if (null !== $spot) {
                    $state['sheets'][$nth] = $this->put($sheet, $bed, $copy, ...$spot);

                    return $state;
                }
                $state['sheets'][$nth]['full'][$id] = true;
            }
            if (($state['used'][$of] ?? 0) < $item->count) {
                $spot = $this->spot($bed, $bed->empty, 0, $id, $bed->free);
                if (null !== $spot) {
                    $state['used'][$of] = 1 + ($state['used'][$of] ?? 0);
                    $state['sheets'][] = $this->put(['stock' => $of, 'fixed' => null, 'taken' => $bed->empty, 'near' => [], 'reach' => 0, 'free' => $bed->free, 'placed' => [], 'bottom' => 0, 'full' => []], $bed, $copy, ...$spot);

                    return $state;
                }
                $this->never["$of $id"] = true;
            }
        }
        $state['left'][] = $copy;

        return $state;
    }

    /**
     * The turn that reaches least far down, and then least far to the right.
     *
     * @return array{Shape, int, int}|null
     */
    private function spot(Bed $bed, \GMP $taken, int $reach, string $id, int $free): ?array
    {
        $best = $spans = null;
        foreach ($this->shapes[$id] as $shape) {
            if ($shape->cells > $free) {
                continue;
            }
            $spans ??= $bed->spans($taken, $reach);
            $at = $bed->first($shape, $spans, null === $best ? \PHP_INT_MAX : $best[1] + $best[0]->rows);
            if (null !== $at && (null === $best || [$at[0] + $shape->rows, $at[1] + $shape->columns] < [$best[1] + $best[0]->rows, $best[2] + $best[0]->columns])) {
                $best = [$shape, ...$at];
            }
        }

        return $best;
    }

    /**
     * @param OpenSheet $sheet
     *
     * @return OpenSheet
     */
    private function put(array $sheet, Bed $bed, int $copy, Shape $shape, int $row, int $column): array
    {
        [$x, $y] = $bed->point($row, $column);
        $own = $this->copies[$copy]->order;
        foreach ($sheet['near'] as $order => $taken) {
            $sheet['near'][$order] = $bed->take($taken, $shape, $row, $column, (string) $order !== $own);
        }
        if (isset($this->own[$own])) {
            $sheet['near'][$own] ??= $bed->take($sheet['taken'], $shape, $row, $column, false);
        }
        $sheet['taken'] = $bed->take($sheet['taken'], $shape, $row, $column, true);
        $sheet['reach'] = max($sheet['reach'], $row + $shape->rows + $shape->margin);
        $sheet['free'] -= $shape->cells;
        $sheet['placed'][] = [$copy, $shape, $x, $y];
        $sheet['bottom'] = max($sheet['bottom'], $y + $shape->height);

        return $sheet;
    }

    /** @param State $state */
    private function cost(array $state): float
    {
        return self::film($this->stock, array_map(static fn (array $sheet): array => [$sheet['stock'], $sheet['bottom']], $state['sheets']), array_map(fn (int $copy): Piece => $this->copies[$copy], $state['left']));
    }

    /**
     * What a plan costs: what is left first, by the film it would take, then film, each sheet as far down as anything reaches and a
     * little for being begun. Film listed first is there to be used up, so it counts less.
     *
     * @param list<Stock>           $stock
     * @param list<array{int, int}> $sheets place of its stock, and how far down it is used, µm
     * @param list<Piece>           $left   a copy each
     */
    public static function film(array $stock, array $sheets, array $left): float
    {
        $film = 0.0;
        foreach ($left as $piece) {
            $box = $piece->region->box();
            $film += self::LEFT * $box->width() * $box->height() / 1e6;
        }
        foreach ($sheets as [$of, $bottom]) {
            $share = self::BEGUN + min(1.0, $bottom / max(1, $stock[$of]->length));
            $film += $stock[$of]->area * $share * ($of < \count($stock) - 1 ? self::SHELF : 1.0);
        }

        return $film;
    }

    /**
     * @param State $state
     *
     * @return array{list<Filled>, list<int>} in the order of the stock
     */
    private function found(array $state): array
    {
        $sheets = $state['sheets'];
        usort($sheets, static fn (array $a, array $b): int => $a['stock'] <=> $b['stock']);

        return [array_map(static fn (array $sheet): array => [$sheet['stock'], array_map(static fn (array $placed): array => [$placed[0], $placed[1]->turn, $placed[2], $placed[3]], $sheet['placed']), $sheet['fixed']], $sheets), $state['left']];
    }
}
