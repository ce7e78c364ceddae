<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;

/**
 * Places pieces on stock by their boxes, the largest first, each at the highest and then
 * leftmost corner where it keeps its gap. On stock of an odd outline a box has to lie on cells the
 * outline holds. Exact where a raster is not: for rectangles that fill a sheet.
 *
 * The same input always gives the same plan. Source: handbook section 7.
 */
final readonly class BoxNest
{
    /** @param list<int|float> $turns degrees clockwise */
    public function __construct(private Gaps $gaps, private array $turns = [0])
    {
    }

    /**
     * @param list<NestStock> $stock  tried in this order
     * @param list<NestPiece> $pieces
     */
    public function plan(array $stock, array $pieces): Plan
    {
        $waiting = $this->queue($pieces);
        $shapes = array_column($pieces, 'region', 'id');
        $sheets = [];
        foreach ($stock as $item) {
            $room = $this->room($item);
            for ($nth = 0; $nth < $item->count && [] !== $waiting && null !== $room; ++$nth) {
                [$places, $rest] = $this->fill($room, $waiting);
                if ([] === $places) {
                    break;
                }
                $waiting = $rest;
                $sheets[] = $this->sheet($item, $places, $shapes);
            }
        }

        return new Plan($sheets, Plan::unplaced($waiting, fn (NestPiece $piece): string => $this->why($piece, $stock)));
    }

    /**
     * @param list<NestPiece> $pieces
     *
     * @return list<NestPiece> one entry a copy, the largest box first
     */
    private function queue(array $pieces): array
    {
        $queue = [];
        foreach ($pieces as $nth => $piece) {
            $box = $piece->region->box();
            for ($copy = 0; $copy < $piece->count; ++$copy) {
                $queue[] = [max($box->width(), $box->height()), $box->width() * $box->height(), $nth, $piece];
            }
        }
        usort($queue, static fn (array $a, array $b): int => [$b[0], $b[1], $a[2]] <=> [$a[0], $a[1], $b[2]]);

        return array_column($queue, 3);
    }

    /** @return array{box: Box, odd: CellSums|null}|null nothing where the edge leaves no room */
    private function room(NestStock $stock): ?array
    {
        $room = $stock->room($this->gaps->edge);

        return null === $room
            ? null
            : ['box' => $room->box(), 'odd' => NestStock::fillsItsBox($room) ? null : new CellSums($room)];
    }

    /**
     * @param array{box: Box, odd: CellSums|null} $room
     * @param list<NestPiece>                       $waiting
     *
     * @return array{list<Place>, list<NestPiece>}
     */
    private function fill(array $room, array $waiting): array
    {
        $places = [];
        $taken = [];
        $rest = [];
        $corners = $this->corners($room);
        foreach ($waiting as $piece) {
            $best = $this->spot($piece, $room, $taken, $corners);
            if (null === $best) {
                $rest[] = $piece;
                continue;
            }
            [$box, $turn] = $best;
            $places[] = new Place($piece->id, $box->left, $box->top, $turn);
            $taken[] = [$box, $piece];
            $corners = $this->open($corners, $box);
            foreach (array_unique([$this->gaps->inside, $this->gaps->between]) as $gap) {
                foreach (
                    [
                        [$box->right + $gap, $box->top],
                        [$box->left, $box->bottom + $gap],
                        [$room['box']->left, $box->bottom + $gap],
                        [$box->right + $gap, $room['box']->top],
                    ] as $corner
                ) {
                    $corners["$corner[0] $corner[1]"] = $corner;
                }
            }
        }

        return [$places, $rest];
    }

    /**
     * Corners at which something still can lie once a box is there.
     *
     * @param array<array-key, array{int, int}> $corners
     *
     * @return array<array-key, array{int, int}>
     */
    private function open(array $corners, Box $box): array
    {
        $gap = min($this->gaps->inside, $this->gaps->between);
        [$left, $top, $right, $bottom] = [$box->left - $gap, $box->top - $gap, $box->right + $gap, $box->bottom + $gap];

        return array_filter(
            $corners,
            static fn (array $at): bool => $at[0] < $left || $at[0] >= $right || $at[1] < $top || $at[1] >= $bottom,
        );
    }

    /**
     * @param array{box: Box, odd: CellSums|null} $room
     *
     * @return list<array{int, int}>
     */
    private function corners(array $room): array
    {
        $corners = [[$room['box']->left, $room['box']->top]];
        if (null !== $room['odd']) {
            $steps = 24;
            for ($i = 0; $i < $steps; ++$i) {
                for ($j = 0; $j < $steps; ++$j) {
                    $corners[] = [
                        $room['box']->left + intdiv($i * $room['box']->width(), $steps),
                        $room['box']->top + intdiv($j * $room['box']->height(), $steps),
                    ];
                }
            }
            array_push($corners, ...$room['odd']->corners);
        }

        return $corners;
    }

    /**
     * @param array{box: Box, odd: CellSums|null} $room
     * @param list<array{Box, NestPiece}>           $taken
     * @param array<array-key, array{int, int}> $corners
     *
     * @return array{Box, float}|null
     */
    private function spot(NestPiece $piece, array $room, array $taken, array $corners): ?array
    {
        $best = null;
        foreach ($piece->turns ?? $this->turns as $turn) {
            $shape = $piece->region->turnedBox((float) $turn);
            [$width, $height] = [$shape->width(), $shape->height()];
            foreach ($corners as [$x, $y]) {
                if (
                    null !== $best
                    && ($y + $height > $best[0] || ($y + $height === $best[0] && $x >= $best[1]->left))
                ) {
                    continue;
                }
                $box = new Box($x, $y, $x + $width, $y + $height);
                if (
                    $room['box']->holds($box)
                    && $this->isFree($box, $piece, $taken)
                    && (null === $room['odd'] || $room['odd']->hold($box))
                ) {
                    $best = [$box->bottom, $box, (float) $turn];
                }
            }
        }

        return null === $best ? null : [$best[1], $best[2]];
    }

    /** @param list<array{Box, NestPiece}> $taken */
    private function isFree(Box $box, NestPiece $piece, array $taken): bool
    {
        foreach ($taken as [$other, $of]) {
            $gap = $this->gaps->between($piece, $of);
            if (
                $other->left < $box->right + $gap
                && $other->right > $box->left - $gap
                && $other->top < $box->bottom + $gap
                && $other->bottom > $box->top - $gap
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Place>           $places
     * @param array<string, Region> $shapes
     */
    private function sheet(NestStock $stock, array $places, array $shapes): Sheet
    {
        $length = 0;
        $film = 0.0;
        foreach ($places as $place) {
            $length = max($length, $place->put($shapes[$place->piece])->box()->bottom);
            $film += $shapes[$place->piece]->area();
        }

        return new Sheet($stock->id, $places, $length, $stock->fill($length, $film));
    }

    /** @param list<NestStock> $stock */
    private function why(NestPiece $piece, array $stock): string
    {
        if ([] === $stock) {
            return 'There is no stock to cut it from.';
        }
        $box = $piece->region->box();
        foreach ($stock as $item) {
            $room = $this->room($item);
            if (null !== $room && null !== $this->spot($piece, $room, [], $this->corners($room))) {
                return 'The stock given is full.';
            }
        }
        $size = new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));

        return "It is {$size->in(Units::Metric)} and larger than any stock given allows.";
    }
}
