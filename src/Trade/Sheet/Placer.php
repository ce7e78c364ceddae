<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/**
 * Puts copies down one after the other, each at the first free place of the first stock that has one. What lies
 * where is a value that is handed in and out: a search keeps as many of them as it likes.
 *
 * @phpstan-type Placed array{int, RasterShape, int, int}
 * @phpstan-type Filled array{int, list<array{int, float, int, int}>, int|null}
 * @phpstan-type OpenSheet array{
 *     stock: int,
 *     fixed: int|null,
 *     taken: \GMP,
 *     near: array<string, \GMP>,
 *     reach: int,
 *     free: int,
 *     placed: list<Placed>,
 *     bottom: int,
 *     full: array<string, true>,
 * }
 * @phpstan-type State array{sheets: list<OpenSheet>, used: array<int, int>, left: list<int>}
 */
final class Placer
{
    /** @var array<string, list<RasterShape>> by the piece's id */
    private array $shapes = [];
    /** @var array<string, true> stock and piece that never go together */
    private array $never = [];
    private readonly OpenedSheets $opened;
    /** @var array<int, OpenSheet> by the place of what is fixed */
    private array $begun = [];

    /**
     * @param list<NestStock>                $stock
     * @param list<NestPiece>                $copies
     * @param list<SheetRaster|null>                  $beds   by the stock's place
     * @param \Closure(NestPiece): list<RasterShape>    $shape  a piece at each of its turns
     * @param list<Fixed>                     $fixed  sheets that pieces lie on already
     */
    public function __construct(
        private readonly array $stock,
        public readonly array $copies,
        private readonly array $beds,
        private readonly \Closure $shape,
        private readonly Gaps $gaps,
        private readonly array $fixed = [],
    ) {
        $this->opened = new OpenedSheets($gaps, OpenedSheets::own($copies, $fixed, $gaps));
    }

    /** @return State */
    public function start(): array
    {
        $state = ['sheets' => [], 'used' => [], 'left' => []];
        foreach ($this->fixed as $nth => $fixed) {
            $bed = $this->beds[$fixed->stock] ?? null;
            $state['used'][$fixed->stock] = 1 + ($state['used'][$fixed->stock] ?? 0);
            if (null !== $bed) {
                $state['sheets'][] = $this->begun[$nth] ??= $this->opened->begun($bed, $fixed, $nth);
            }
        }

        return $state;
    }

    /**
     * @param State $state
     * @param int $copy its number among the copies
     *
     * @return State
     */
    public function place(array $state, int $copy): array
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
                $taken = $sheet['near'][$this->copies[$copy]->order] ?? $sheet['taken'];
                $spot = $this->spot($bed, $taken, $sheet['reach'], $id, $sheet['free']);
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
                    $state['sheets'][] = $this->put(OpenedSheets::opened($of, $bed), $bed, $copy, ...$spot);

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
     * @return array{RasterShape, int, int}|null
     */
    private function spot(SheetRaster $bed, \GMP $taken, int $reach, string $id, int $free): ?array
    {
        $best = $spans = null;
        foreach ($this->shapes[$id] as $shape) {
            if ($shape->cells > $free) {
                continue;
            }
            $spans ??= $bed->spans($taken, $reach);
            $at = $bed->first($shape, $spans, null === $best ? \PHP_INT_MAX : $best[1] + $best[0]->rows);
            if (
                null !== $at
                && (null === $best
                    || [$at[0] + $shape->rows, $at[1] + $shape->columns] < [
                        $best[1] + $best[0]->rows,
                        $best[2] + $best[0]->columns,
                    ])
            ) {
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
    private function put(array $sheet, SheetRaster $bed, int $copy, RasterShape $shape, int $row, int $column): array
    {
        $own = $this->copies[$copy]->order;
        foreach ($sheet['near'] as $order => $taken) {
            $sheet['near'][$order] = $bed->take($taken, $shape, $row, $column, (string) $order !== $own);
        }
        if (isset($this->opened->own[$own])) {
            $sheet['near'][$own] ??= $bed->take($sheet['taken'], $shape, $row, $column, false);
        }
        $sheet['taken'] = $bed->take($sheet['taken'], $shape, $row, $column, true);
        $sheet['reach'] = max($sheet['reach'], $row + $shape->rows + $shape->margin);
        $sheet['free'] -= $shape->cells;
        $sheet['placed'][] = [$copy, $shape, $row, $column];
        $sheet['bottom'] = max($sheet['bottom'], $bed->point($row, $column)[1] + $shape->height);

        return $sheet;
    }

    /**
     * Takes copies off again: what they took becomes free, but for what others near them take too.
     *
     * @param State     $state
     * @param list<int> $gone
     *
     * @return State
     */
    public function without(array $state, array $gone): array
    {
        $gone = array_flip($gone);
        $sheets = [];
        foreach ($state['sheets'] as $sheet) {
            $off = array_filter($sheet['placed'], static fn (array $placed): bool => isset($gone[$placed[0]]));
            if (\count($off) === \count($sheet['placed']) && null === $sheet['fixed']) {
                --$state['used'][$sheet['stock']];
                continue;
            }
            $sheets[] = [] === $off ? $sheet : $this->freed($sheet, $off);
        }

        return [
            'sheets' => $sheets,
            'used' => $state['used'],
            'left' => array_values(array_filter($state['left'], static fn (int $copy): bool => !isset($gone[$copy]))),
        ];
    }

    /**
     * @param OpenSheet          $sheet
     * @param array<int, Placed> $off
     *
     * @return OpenSheet
     */
    private function freed(array $sheet, array $off): array
    {
        $bed = $this->bed($sheet);
        $stay = array_diff_key($sheet['placed'], $off);
        $near = array_filter($stay, static fn (array $one): bool => OpenedSheets::reaches($one, $off));
        $base = null === $sheet['fixed'] ? null : $this->begun[$sheet['fixed']];
        $free = function (\GMP $taken, ?string $order) use ($bed, $off, $near, $base): \GMP {
            foreach ($off as [, $shape, $row, $column]) {
                $taken = $bed->give($taken, $shape, $row, $column);
            }
            $taken |= $base['near'][$order ?? ''] ?? ($base['taken'] ?? $bed->empty);
            foreach ($near as [$copy, $shape, $row, $column]) {
                $taken = $bed->take(
                    $taken,
                    $shape,
                    $row,
                    $column,
                    null === $order || $this->copies[$copy]->order !== $order,
                );
            }

            return $taken;
        };
        $sheet['taken'] = $free($sheet['taken'], null);
        foreach ($sheet['near'] as $order => $taken) {
            $sheet['near'][$order] = $free($taken, (string) $order);
        }
        $sheet['placed'] = array_values($stay);
        $sheet['free'] += array_sum(array_map(static fn (array $one): int => $one[1]->cells, $off));
        $sheet['bottom'] = max([
            $base['bottom'] ?? 0,
            ...array_map(
                static fn (array $one): int => $bed->point($one[2], $one[3])[1] + $one[1]->height,
                $sheet['placed'],
            ),
        ]);
        $sheet['full'] = [];

        return $sheet;
    }

    /** @param OpenSheet $sheet */
    public function bed(array $sheet): SheetRaster
    {
        return $this->beds[$sheet['stock']] ?? throw new \LogicException('A sheet was begun where nothing has room.');
    }

    /** @param State $state */
    public function cost(array $state): float
    {
        return Cost::ofPlan(
            $this->stock,
            array_map(static fn (array $sheet): array => [$sheet['stock'], $sheet['bottom']], $state['sheets']),
            array_map(fn (int $copy): NestPiece => $this->copies[$copy], $state['left']),
        );
    }

    /**
     * @param State $state
     *
     * @return array{list<Filled>, list<int>} in the order of the stock
     */
    public function found(array $state): array
    {
        $sheets = $state['sheets'];
        usort($sheets, static fn (array $a, array $b): int => $a['stock'] <=> $b['stock']);

        return [
            array_map(
                fn (array $sheet): array => [
                    $sheet['stock'],
                    array_map(
                        fn (array $placed): array => [
                            $placed[0],
                            $placed[1]->turn,
                            ...$this->bed($sheet)->point($placed[2], $placed[3]),
                        ],
                        $sheet['placed'],
                    ),
                    $sheet['fixed'],
                ],
                $sheets,
            ),
            $state['left'],
        ];
    }
}
