<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/**
 * Stock and pieces in cells finer than those they were laid out in.
 *
 * @phpstan-import-type Laid from Compaction
 * @phpstan-import-type Lying from Compaction
 */
final class FineSheets
{
    /** µm: outlines are drawn with so much fewer corners before they are grown. */
    public const SIMPLE = 10;

    /**
     * @var array<string, array{rows: int, columns: int, margin: int, own: \GMP, near: \GMP, far: \GMP}>
     *    by the piece's id, its turn and the stride
     */
    private array $cells = [];

    /**
     * @param list<NestStock> $stock
     * @param list<NestPiece> $copies
     * @param int             $cell   µm
     */
    public function __construct(
        private readonly array $stock,
        private readonly array $copies,
        private readonly Gaps $gaps,
        private readonly int $cell,
    ) {
    }

    /**
     * The stock in fine cells, of a sheet only what is used of it.
     *
     * @param list<Laid> $laid
     */
    public function bed(int $of, array $laid): ?SheetRaster
    {
        $stock = $this->stock[$of];
        $deep = 0;
        foreach ($laid as [$copy, $turn, , $y]) {
            $deep = max($deep, $y + $this->copies[$copy]->region->turnedBox($turn)->height());
        }
        if ($stock->isSquare()) {
            $used = new Box(0, 0, $stock->outline->box()->right, $deep + 2 * $this->cell);
            $stock = new NestStock(
                $stock->id,
                $stock->outline,
                1,
                null === $stock->reach ? $used : $stock->reach->common($used),
            );
        }

        return SheetRaster::fromStock(
            $stock,
            $this->gaps->edge,
            $this->cell,
            RasterShape::margin($this->gaps->between, $this->cell),
        );
    }

    /** @return Lying */
    public function lying(SheetRaster $bed, int $copy, float $turn, int $row, int $column): array
    {
        $piece = $this->copies[$copy];

        return [
            'copy' => $copy,
            'turn' => $turn,
            'row' => $row,
            'column' => $column,
            ...($this->cells["$piece->id $turn $bed->stride"] ??= $this->cells($piece, $turn, $bed->stride)),
        ];
    }

    /** @return array{rows: int, columns: int, margin: int, own: \GMP, near: \GMP, far: \GMP} */
    private function cells(NestPiece $piece, float $turn, int $stride): array
    {
        [$shape] = RasterShape::all(
            $piece->region,
            [$turn],
            $this->gaps->inside,
            $this->gaps->between,
            $this->cell,
            self::SIMPLE,
        );

        return [
            'rows' => $shape->rows,
            'columns' => $shape->columns,
            'margin' => $shape->margin,
            'own' => $shape->closed($stride),
            'near' => $shape->bits($stride, false),
            'far' => $shape->bits($stride, true),
        ];
    }

    /**
     * What another piece keeps free of this one.
     *
     * @param Lying $other
     */
    public function kept(NestPiece $piece, array $other): \GMP
    {
        return $this->gaps->inside === $this->gaps->between($piece, $this->copies[$other['copy']])
            ? $other['near']
            : $other['far'];
    }
}
