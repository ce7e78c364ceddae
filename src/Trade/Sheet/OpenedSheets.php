<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;

/**
 * Sheets as they are when they are begun: empty, or with what lies on them already.
 *
 * @phpstan-import-type OpenSheet from Placer
 * @phpstan-import-type Placed from Placer
 */
final readonly class OpenedSheets
{
    /**
     * So many orders, those with most pieces, are laid by the gap inside an order; others keep the larger one
     * everywhere.
     */
    private const MOST_ORDERS = 16;

    /** @param array<string, true> $own orders that are laid by the gap inside an order */
    public function __construct(private Gaps $gaps, public array $own)
    {
    }

    /**
     * Orders that are laid by the gap inside an order.
     *
     * @param list<NestPiece> $copies
     * @param list<Fixed>     $fixed
     *
     * @return array<string, true>
     */
    public static function own(array $copies, array $fixed, Gaps $gaps): array
    {
        if ($gaps->inside >= $gaps->between) {
            return [];
        }
        $pieces = [
            ...$copies,
            ...array_merge(...array_map(static fn (Fixed $sheet): array => $sheet->pieces(), $fixed)),
        ];
        $count = array_count_values(
            array_filter(
                array_map(static fn (NestPiece $piece): string => $piece->order, $pieces),
                static fn (string $order): bool => '' !== $order,
            ),
        );
        $count = array_filter($count, static fn (int $pieces): bool => $pieces > 1);
        arsort($count);

        return array_fill_keys(
            array_map(strval(...), array_keys(\array_slice($count, 0, self::MOST_ORDERS, true))),
            true,
        );
    }

    /** @return OpenSheet */
    public function begun(SheetRaster $bed, Fixed $fixed, int $nth): array
    {
        $sheet = ['fixed' => $nth] + self::opened($fixed->stock, $bed);
        foreach ($fixed->laid as [$piece, $put]) {
            [, $near, $far] = Geos::spread(
                $put,
                $this->gaps->inside + RasterShape::slack($this->gaps->inside),
                $this->gaps->between + RasterShape::slack($this->gaps->between),
                RasterShape::SIMPLE,
            );
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

    /** @return OpenSheet with nothing on it yet */
    public static function opened(int $stock, SheetRaster $bed): array
    {
        return [
            'stock' => $stock,
            'fixed' => null,
            'taken' => $bed->empty,
            'near' => [],
            'reach' => 0,
            'free' => $bed->free,
            'placed' => [],
            'bottom' => 0,
            'full' => [],
        ];
    }

    /**
     * Could what one takes touch what others took?
     *
     * @param Placed             $one
     * @param array<int, Placed> $others
     */
    public static function reaches(array $one, array $others): bool
    {
        [, $shape, $row, $column] = $one;
        foreach ($others as [, $other, $down, $across]) {
            $apart = $shape->margin + $other->margin;
            if (
                $row - $apart < $down + $other->rows
                && $row + $shape->rows + $apart > $down
                && $column - $apart < $across + $other->columns
                && $column + $shape->columns + $apart > $across
            ) {
                return true;
            }
        }

        return false;
    }
}
