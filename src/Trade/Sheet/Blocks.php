<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;

/**
 * Room for weed boxes: each piece is nested as the rectangle its box cuts; pieces that are to come off together are
 * laid side by side first and then nested as one. Source: handbook section 7.
 */
final readonly class Blocks
{
    /** Widths a block is tried at, as shares of the side of the square its boxes would fill. */
    private const WIDTHS = [1.05, 1.3, 1.7, 2.3, 3.2];

    /**
     * @param list<NestPiece>                $pieces what is nested: blocks, and pieces that stand alone by their boxes
     * @param array<string, list<Place>> $inside what lies in each block, from its left top corner
     * @param array<string, Region>      $drawn  every piece as it is drawn
     * @param Gaps                       $gaps   between boxes, so that what is inside them keeps its own
     * @param int                        $away   a box from what is inside it, µm
     */
    private function __construct(
        public array $pieces,
        public Gaps $gaps,
        private array $inside,
        private array $drawn,
        private int $away,
    ) {
    }

    /**
     * @param list<NestPiece>     $pieces each once
     * @param bool            $orders those of one order together; else each by itself
     * @param list<int|float> $turns  degrees clockwise, quarters
     * @param int             $away   a box from what is inside it, µm
     * @param list<NestStock>     $stock  a block is not larger than the largest of it
     */
    public static function form(array $pieces, bool $orders, Gaps $gaps, array $turns, int $away, array $stock): self
    {
        $between = new Gaps(
            max(0, $gaps->inside - 2 * $away),
            max(0, $gaps->between - 2 * $away),
            max(0, $gaps->edge - $away),
        );
        [$width, $length] = self::largest($stock, $between->edge);
        [$width, $length] = [max(1, $width - 2 * $away), max(1, $length - 2 * $away)];
        $groups = [];
        foreach ($pieces as $piece) {
            $groups[$orders && '' !== $piece->order ? "o$piece->order" : "p$piece->id"][] = $piece;
        }
        $nested = $inside = [];
        foreach ($groups as $name => $group) {
            $plan = 1 === \count($group) ? null : self::closest($group, $gaps, $turns, $width, $length);
            foreach (null === $plan ? $group : [] as $piece) {
                $nested[] = self::block($piece->id, $piece->region->box(), $away, $piece);
            }
            foreach ($plan->sheets ?? [] as $nth => $sheet) {
                $box = self::around($sheet->places, array_column($group, null, 'id'));
                $inside["$name/$nth"] = array_map(
                    static fn (Place $at): Place => new Place(
                        $at->piece,
                        $at->x - $box->left,
                        $at->y - $box->top,
                        $at->turn,
                    ),
                    $sheet->places,
                );
                // All that may be turned is turned inside the block; the block itself may lie as its pieces may.
                $nested[] = self::block("$name/$nth", Box::sized($box->width(), $box->height()), $away, $group[0]);
            }
        }

        return new self(
            $nested,
            $between,
            $inside,
            array_map(static fn (NestPiece $piece): Region => $piece->region, array_column($pieces, null, 'id')),
            $away,
        );
    }

    /**
     * @param int       $away how far the line of its box stands off, µm
     * @param NestPiece $like which it may be turned like, and of whose order it is
     */
    private static function block(string $id, Box $box, int $away, NestPiece $like): NestPiece
    {
        return new NestPiece($id, $box->grown($away)->region(), 1, $like->turns, $like->order);
    }

    /**
     * @param list<NestStock> $stock
     * @param int         $edge  µm
     *
     * @return array{int, int} width and length, µm
     */
    private static function largest(array $stock, int $edge): array
    {
        $largest = Box::sized(1, 1);
        foreach ($stock as $item) {
            $box = $item->room($edge)?->box() ?? $largest;
            $largest =
                (float) $box->width() * $box->height() > (float) $largest->width() * $largest->height()
                    ? $box
                    : $largest;
        }

        return [$largest->width(), $largest->height()];
    }

    /**
     * @param list<NestPiece>     $group
     * @param list<int|float> $turns
     *
     * @return Plan|null nothing where one of them is larger than a block may be
     */
    private static function closest(array $group, Gaps $gaps, array $turns, int $width, int $length): ?Plan
    {
        $nest = new BoxNest(Gaps::same($gaps->inside, 0), $turns);
        $by = array_column($group, null, 'id');
        $film = array_sum(
            array_map(
                static fn (NestPiece $piece): float => (float) ($piece->region->box()->width() + $gaps->inside) *
                    ($piece->region->box()->height() + $gaps->inside),
                $group,
            ),
        );
        $best = null;
        foreach (
            array_unique([
                ...array_map(static fn (float $share): int => min($width, (int) ($share * sqrt($film))), self::WIDTHS),
                $width,
            ]) as $wide
        ) {
            $plan = $nest->plan([NestStock::sheet('block', $wide, $length, \count($group))], $group);
            $cost = [
                \count($plan->sheets),
                array_sum(
                    array_map(static function (Sheet $sheet) use ($by): float {
                        $box = self::around($sheet->places, $by);

                        return (float) $box->width() * $box->height();
                    }, $plan->sheets),
                ),
            ];
            if ([] === $plan->left && (null === $best || $cost < $best[0])) {
                $best = [$cost, $plan];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * @param list<Place>          $places
     * @param array<string, NestPiece> $by
     */
    private static function around(array $places, array $by): Box
    {
        $all = null;
        foreach ($places as $place) {
            $box = $place->put($by[$place->piece]->region)->box();
            $all = $all?->around($box) ?? $box;
        }

        return $all ?? Box::sized(0, 0);
    }

    /** A plan of blocks as one of pieces. What a block could not be laid for is each of its pieces. */
    public function apart(Plan $plan): Plan
    {
        $sheets = [];
        foreach ($plan->sheets as $sheet) {
            $places = [];
            foreach ($sheet->places as $place) {
                $art = new Place($place->piece, $place->x + $this->away, $place->y + $this->away, $place->turn);
                array_push($places, ...isset($this->inside[$place->piece]) ? $this->within($art) : [$art]);
            }
            $sheets[] = new Sheet($sheet->stock, $places, $sheet->length, $sheet->fill);
        }
        $left = [];
        foreach ($plan->left as $of) {
            foreach (
                isset($this->inside[$of['piece']])
                    ? array_map(static fn (Place $place): string => $place->piece, $this->inside[$of['piece']])
                    : [$of['piece']] as $piece
            ) {
                $left[] = [
                    'piece' => $piece,
                    'count' => 1,
                    'why' => preg_replace('~^It is ~', 'With its weed box it is ', $of['why']) ?? $of['why'],
                ];
            }
        }

        return new Plan($sheets, $left);
    }

    /** @return list<Place> what lies in a block, where the block lies */
    private function within(Place $block): array
    {
        $boxes = [];
        $all = null;
        foreach ($this->inside[$block->piece] as $place) {
            $box = $place->put($this->drawn[$place->piece])->box();
            $turned = $box->region()->turned($block->turn)->box();
            $boxes[] = [$place, $turned];
            $all = $all?->around($turned) ?? $turned;
        }

        return null === $all
            ? []
            : array_map(
                static fn (array $one): Place => new Place(
                    $one[0]->piece,
                    $block->x + $one[1]->left - $all->left,
                    $block->y + $one[1]->top - $all->top,
                    fmod($one[0]->turn + $block->turn, 360),
                ),
                $boxes,
            );
    }
}
