<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Sheet\Cost;
use Yelbo\Trade\Sheet\Fixed;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Sheet;

/**
 * A plan of the core as it is kept, and back: what lies where, by the numbers of pieces and of what is on the shelf.
 *
 * @phpstan-import-type Laid from NestPlan
 */
final readonly class Layout
{
    /**
     * @param array<int|string, NestPiece> $parts as they are drawn, whatever they were laid as, by their names
     * @param array<int|string, NestStock> $stock by its number, in the order it is used up
     */
    public function __construct(private array $parts, private array $stock)
    {
    }

    /**
     * @param array<int|string, true> $pinned what was put there by hand, by name
     *
     * @return Laid
     */
    public function laid(Plan $plan, array $pinned = []): array
    {
        $laid = ['sheets' => [], 'left' => []];
        foreach ($plan->sheets as $sheet) {
            $laid['sheets'][] = [
                'stock' => (int) $sheet->stock,
                'length' => $sheet->length,
                'fill' => self::fill(
                    $this->stock[$sheet->stock],
                    $sheet->length,
                    array_map(fn (Place $place): NestPiece => $this->parts[$place->piece], $sheet->places),
                ),
                'places' => array_map(
                    static fn (Place $place): array => [
                        ...NestParts::numbers($place->piece),
                        'x' => $place->x,
                        'y' => $place->y,
                        'turn' => $place->turn,
                        'pinned' => isset($pinned[$place->piece]),
                    ],
                    $sheet->places,
                ),
            ];
        }
        foreach ($plan->left as $left) {
            $laid['left'][] = [...NestParts::numbers($left['piece']), 'why' => $left['why']];
        }

        return $laid;
    }

    /**
     * What was laid before, where all of it can still be laid so.
     *
     * @return Laid|null
     */
    public function standing(NestPlan $plan): ?array
    {
        $laid = $plan->laid();
        $names = [];
        foreach ($laid['sheets'] ?? [] as $sheet) {
            if (!isset($this->stock[$sheet['stock']])) {
                return null;
            }
            array_push(
                $names,
                ...array_map(
                    static fn (array $at): string => NestParts::name($at['piece'], $at['part']),
                    $sheet['places'],
                ),
            );
        }
        array_push(
            $names,
            ...array_map(
                static fn (array $at): string => NestParts::name($at['piece'], $at['part']),
                $laid['left'] ?? [],
            ),
        );

        return \count($names) === \count($this->parts) && [] === array_diff_key($this->parts, array_flip($names))
            ? $laid
            : null;
    }

    /**
     * What was put there by hand.
     *
     * @return array{list<Fixed>, array<int|string, true>} sheets with pinned pieces, and those pieces by name
     */
    public function pinned(NestPlan $plan): array
    {
        $place = array_flip(array_keys($this->stock));
        $fixed = [];
        $pinned = [];
        foreach ($plan->laid()['sheets'] ?? [] as $sheet) {
            $places = [];
            foreach ($sheet['places'] as $at) {
                $id = NestParts::name($at['piece'], $at['part']);
                if ($at['pinned'] && isset($this->parts[$id], $place[$sheet['stock']])) {
                    $places[] = [$this->parts[$id], new Place($id, $at['x'], $at['y'], $at['turn'])];
                    $pinned[$id] = true;
                }
            }
            if ([] !== $places) {
                $fixed[] = new Fixed($place[$sheet['stock']], $places);
            }
        }

        return [$fixed, $pinned];
    }

    /**
     * What it costs to cut it so, for comparing.
     *
     * @param Laid $laid
     */
    public function cost(array $laid): float
    {
        $place = array_flip(array_keys($this->stock));

        return Cost::ofPlan(
            array_values($this->stock),
            array_map(static fn (array $sheet): array => [$place[$sheet['stock']], $sheet['length']], $laid['sheets']),
            array_map(
                fn (array $at): NestPiece => $this->parts[NestParts::name($at['piece'], $at['part'])],
                $laid['left'],
            ),
        );
    }

    /**
     * Its sheets and what is left, as far as they count.
     *
     * @param Laid $laid
     */
    public static function planned(array $laid): Plan
    {
        return new Plan(
            array_map(
                static fn (array $sheet): Sheet => new Sheet((string) $sheet['stock'], [], $sheet['length'], 0.0),
                $laid['sheets'],
            ),
            array_map(
                static fn (array $at): array => [
                    'piece' => NestParts::name($at['piece'], $at['part']),
                    'count' => 1,
                    'why' => '',
                ],
                $laid['left'],
            ),
        );
    }

    /**
     * How much of the film down to a length is kept, from 0 to 1.
     *
     * @param int             $length µm
     * @param list<NestPiece> $pieces that lie on it
     */
    public static function fill(NestStock $stock, int $length, array $pieces): float
    {
        $box = $stock->outline->box();
        $used = Geos::clipped(
            $stock->outline,
            new Box($box->left, $box->top, $box->right, max(1, min($length, $box->bottom))),
        )->area();
        $kept = array_sum(array_map(static fn (NestPiece $piece): float => $piece->region->area(), $pieces));

        return $used > 0 ? round($kept / $used, 4) : 0.0;
    }
}
