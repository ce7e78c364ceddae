<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** A piece put down by hand: where it was let go if it may lie there, else at the nearest place where it may. */
final readonly class NearestFreePlace
{
    /** µm */
    private const CELL = 500;

    /** @param list<array{NestPiece, Place}> $others on the same sheet */
    public function __construct(private NestStock $stock, private Gaps $gaps, private array $others)
    {
    }

    /** May it lie exactly there? */
    public function allows(NestPiece $piece, Place $place): bool
    {
        $put = $place->put($piece->region);
        $room = $this->stock->room($this->gaps->edge);

        return null !== $room && Geos::covers($room, $put) && [] === $this->touched($piece, $place);
    }

    /**
     * The pieces a place is too near to.
     *
     * @return list<string>
     */
    public function touched(NestPiece $piece, Place $place): array
    {
        $regions = [
            $place->put($piece->region),
            ...array_map(static fn (array $other): Region => $other[1]->put($other[0]->region), $this->others),
        ];
        $gap = fn (int $one, int $other): int => 0 === $one
            ? $this->gaps->between($piece, $this->others[$other - 1][0])
            : -1;

        return array_map(
            fn (array $pair): string => $this->others[$pair[1] - 1][0]->id,
            array_values(array_filter(Geos::tooNear($regions, $gap), static fn (array $pair): bool => 0 === $pair[0])),
        );
    }

    /**
     * @param Place $wanted turned as it is to stay
     * @param int   $within how far it may move by itself, µm
     *
     * @return Place|null nothing where there is no room near
     */
    public function near(NestPiece $piece, Place $wanted, int $within): ?Place
    {
        if ($this->allows($piece, $wanted)) {
            return $wanted;
        }
        $bed = SheetRaster::fromStock(
            $this->stock,
            $this->gaps->edge,
            self::CELL,
            RasterShape::margin($this->gaps->between, self::CELL),
        );
        if (null === $bed) {
            return null;
        }
        $taken = $bed->empty;
        foreach ($this->others as [$other, $place]) {
            $gap = $this->gaps->between($piece, $other);
            $taken = $bed->takeOutline(
                $taken,
                Geos::grow($place->put($other->region), $gap + RasterShape::slack($gap)),
            );
        }
        [$shape] = RasterShape::all(
            $piece->region,
            [$wanted->turn],
            $this->gaps->inside,
            $this->gaps->between,
            self::CELL,
        );
        [$row, $column] = $bed->cell($wanted->x, $wanted->y);
        $spot = $bed->nearest($shape, $taken, $row, $column, intdiv($within, self::CELL));
        if (null === $spot) {
            return null;
        }
        $place = new Place($piece->id, ...[...$bed->point(...$spot), $wanted->turn]);

        return $this->allows($piece, $place) ? $place : null;
    }
}
