<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\Blocks;
use Yelbo\Trade\Sheet\Cost;
use Yelbo\Trade\Sheet\Fixed;
use Yelbo\Trade\Sheet\LeastStock;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Parts;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Sheet;

/**
 * From the shop's pieces and shelf to the core's nest and back.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class NestBuilder
{
    public function __construct(
        private EntityManagerInterface $records,
        private FilmToCut $film,
        private ShopRules $rules,
        private Outlines $outlines,
    ) {
    }

    /**
     * @param \Closure(\Closure(): Laid): bool $more asked now and then, with how to get the best so far, whether to go
     *     on
     *
     * @return Laid
     *
     * @throws Refusals where there is nothing to lay or nothing to lay it on
     */
    public function lay(NestPlan $plan, \Closure $more): array
    {
        $nesting = $plan->nesting();
        $rules = $this->rules->current();
        $pieces = $this->waiting($nesting);
        if ([] === $pieces) {
            throw Refusals::at('pieces', 'None of these pieces waits for film any more.');
        }
        $parts = $this->parts($pieces, $nesting->split(), $rules);
        $stock = $this->film->stock($nesting->film(), $nesting->stock());
        if ([] === $stock) {
            throw Refusals::at('stock', "There is no {$nesting->film()->name()} on the shelf that the machine takes.");
        }
        [$fixed, $pinned] = $this->fixed($plan, $stock, $parts);
        $loose = array_values(array_diff_key($parts, $pinned));
        [$gaps, $turns] = [$this->film->gaps(), $this->film->turns($nesting->film())];
        $blocks = null;
        if (Nesting::NO_BOXES !== $nesting->boxes()) {
            // Beside pieces that stay there may be no room for the boxes' own lines: art comes first there.
            $blocks = Blocks::form(
                $loose,
                Nesting::BOX_AN_ORDER === $nesting->boxes(),
                $gaps,
                $turns,
                [] === $fixed ? $rules->micrometres(Rule::WeedBoxAway) : 0,
                $stock,
            );
            [$loose, $gaps] = [$blocks->pieces, $blocks->gaps];
        }
        $by = array_column($stock, null, 'id');
        $standing = self::standing($plan, $parts, $by);
        $nest = new Nest($gaps, $turns);
        $least = new LeastStock($gaps, $turns, $rules->micrometres(Rule::ShortestOffcut));
        // What is there already stays until something better is found.
        $toLaid = function (Plan $best) use (
            $plan,
            $least,
            $blocks,
            $pinned,
            $parts,
            $by,
            $standing,
        ): array {
            $laid = $this->toLaid($blocks?->apart($best) ?? $best, $pinned, $parts, $by);

            return match (true) {
                null === $standing => $laid,
                PlanKind::LeastFilm === $plan->kind() => $least->isBetter(
                    self::planned($laid),
                    self::planned($standing),
                    array_values($by),
                )
                    ? $laid
                    : $standing,
                default => self::cost($laid, $parts, $by) < self::cost($standing, $parts, $by) ? $laid : $standing,
            };
        };
        $tell = static fn (Plan $best): bool => $more(static fn (): array => $toLaid($best));
        $best = match ($plan->kind()) {
            PlanKind::LeastFilm => $nest->plan(
                [] === $fixed ? $least->choose($stock, $loose) : $stock,
                $loose,
                $tell,
                $fixed,
            ),
            PlanKind::LeastWeeding => $nest->plan(
                $stock,
                array_map(
                    static fn (NestPiece $piece): NestPiece => new NestPiece(
                        $piece->id,
                        $piece->region->box()->region(),
                        1,
                        $piece->turns,
                        $piece->order,
                    ),
                    $loose,
                ),
                $tell,
                $fixed,
            ),
            PlanKind::DueFirst => (new DayByDay($nest, $stock))->plan(
                $loose,
                $pieces,
                static fn (Plan $best, bool $whole): bool => $more(
                    static fn (): array => $whole ? $toLaid($best) : $plan->laid() ?? $toLaid($best),
                ),
                $fixed,
            ),
        };

        return $toLaid($best);
    }

    /**
     * Does one take less film than the other, or as much and leaves what is more useful?
     *
     * @param Laid $one
     * @param Laid $other
     */
    public function takesLess(Nesting $nesting, array $one, array $other): bool
    {
        $rules = $this->rules->current();
        $stock = $this->film->stock($nesting->film());
        $known = array_column($stock, null, 'id');
        foreach ([...$one['sheets'], ...$other['sheets']] as $sheet) {
            if (!isset($known[$sheet['stock']])) {
                return false;
            }
        }

        return (new LeastStock(
            $this->film->gaps(),
            $this->film->turns($nesting->film()),
            $rules->micrometres(Rule::ShortestOffcut),
        ))->isBetter(self::planned($one), self::planned($other), $stock);
    }

    /**
     * What was laid before, where all of it can still be laid so.
     *
     * @param array<int|string, NestPiece> $parts
     * @param array<int|string, NestStock>     $stock
     *
     * @return Laid|null
     */
    private static function standing(NestPlan $plan, array $parts, array $stock): ?array
    {
        $laid = $plan->laid();
        $names = [];
        foreach ($laid['sheets'] ?? [] as $sheet) {
            if (!isset($stock[$sheet['stock']])) {
                return null;
            }
            array_push(
                $names,
                ...array_map(static fn (array $at): string => self::name($at['piece'], $at['part']), $sheet['places']),
            );
        }
        array_push(
            $names,
            ...array_map(static fn (array $at): string => self::name($at['piece'], $at['part']), $laid['left'] ?? []),
        );

        return \count($names) === \count($parts) && [] === array_diff_key($parts, array_flip($names)) ? $laid : null;
    }

    /**
     * Its sheets and what is left, as far as they count.
     *
     * @param Laid $laid
     */
    private static function planned(array $laid): Plan
    {
        return new Plan(
            array_map(
                static fn (array $sheet): Sheet => new Sheet((string) $sheet['stock'], [], $sheet['length'], 0.0),
                $laid['sheets'],
            ),
            array_map(
                static fn (array $at): array => [
                    'piece' => self::name($at['piece'], $at['part']),
                    'count' => 1,
                    'why' => '',
                ],
                $laid['left'],
            ),
        );
    }

    /**
     * @param Laid                         $laid
     * @param array<int|string, NestPiece> $parts
     * @param array<int|string, NestStock>     $stock in the order it is used up
     */
    private static function cost(array $laid, array $parts, array $stock): float
    {
        $place = array_flip(array_keys($stock));

        return Cost::ofPlan(
            array_values($stock),
            array_map(static fn (array $sheet): array => [$place[$sheet['stock']], $sheet['length']], $laid['sheets']),
            array_map(static fn (array $at): NestPiece => $parts[self::name($at['piece'], $at['part'])], $laid['left']),
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

    /**
     * The nest's pieces by their names: whole decals, or parts of those that are split or larger than the machine.
     *
     * @param list<Piece> $pieces
     * @param list<int>   $split
     *
     * @return array<int|string, NestPiece>
     */
    public function parts(array $pieces, array $split, Rules $rules): array
    {
        $parts = $panels = [];
        foreach ($pieces as $piece) {
            $panel = $panels[$piece->film()->id()] ??= $this->film->panel($piece->film());
            $of = $this->partsOf($piece, \in_array($piece->id(), $split, true), $rules, $panel);
            foreach ($of as $nth => $region) {
                $id = 1 === \count($of) ? (string) $piece->id() : "{$piece->id()}#$nth";
                $parts[$id] = new NestPiece($id, $region, 1, null, (string) $piece->docket()->number());
            }
        }

        return $parts;
    }

    /**
     * @param array{int, int}|null $panel how large a part may be, µm, where that is known already
     *
     * @return list<Region> the decal alone, or its parts in its own frame
     */
    public function partsOf(Piece $piece, bool $split, Rules $rules, ?array $panel = null): array
    {
        $region = $this->outlines->forKnife($piece);
        $parts = $split ? Parts::apart($region, $rules->micrometres(Rule::GapInsideOrder)) : [$region];

        return array_merge(
            ...array_map(fn (Region $part): array => $this->film->parts($part, $piece->film(), $panel), $parts),
        );
    }

    /** @return list<Piece> of a nesting that still wait, due soonest first */
    public function waiting(Nesting $nesting): array
    {
        /** @var list<Piece> $pieces */
        $pieces = $this->records
            ->createQuery(
                'SELECT p, d FROM '.
                    Piece::class.
                    ' p JOIN p.docket d WHERE p.id IN (:ids) AND p.state = :state ORDER BY d.neededAt ASC, d.number '
                        .'ASC, p.nth ASC',
            )
            ->setParameter('ids', array_keys($nesting->pieces()))
            ->setParameter('state', PieceState::Waiting)
            ->getResult();

        return $pieces;
    }

    /**
     * @param list<NestStock>              $stock
     * @param array<int|string, NestPiece> $parts
     *
     * @return array{list<Fixed>, array<int|string, true>} sheets with pinned pieces, and those pieces by name
     */
    private function fixed(NestPlan $plan, array $stock, array $parts): array
    {
        $place = array_flip(array_map(static fn (NestStock $item): int => (int) $item->id, $stock));
        $fixed = [];
        $pinned = [];
        foreach ($plan->laid()['sheets'] ?? [] as $sheet) {
            $places = [];
            foreach ($sheet['places'] as $at) {
                $id = self::name($at['piece'], $at['part']);
                if ($at['pinned'] && isset($parts[$id], $place[$sheet['stock']])) {
                    $places[] = [$parts[$id], new Place($id, $at['x'], $at['y'], $at['turn'])];
                    $pinned[$id] = true;
                }
            }
            if ([] !== $places) {
                $fixed[] = new Fixed($place[$sheet['stock']], $places);
            }
        }

        return [$fixed, $pinned];
    }

    /** What a piece, or a part of it, is called on screen: `Y-0412/3 part 2`. */
    public static function tag(Piece $piece, string $name): string
    {
        $part = strstr($name, '#');

        return $piece->tag().(false === $part ? '' : ' part '.((int) substr($part, 1) + 1));
    }

    /** What a piece, or a part of it, is called in a nest: `17`, `17#2`. */
    public static function name(int $piece, int $part): string
    {
        return $part < 0 ? (string) $piece : "$piece#$part";
    }

    /**
     * @param array<int|string, true>      $pinned
     * @param array<int|string, NestPiece> $parts  as they are drawn, whatever they were laid as
     * @param array<int|string, NestStock>     $stock  by its name
     *
     * @return Laid
     */
    private function toLaid(Plan $plan, array $pinned, array $parts, array $stock): array
    {
        $of = static fn (string $id): array => [
            (int) $id,
            str_contains($id, '#') ? (int) substr(strrchr($id, '#') ?: '', 1) : -1,
        ];
        $laid = ['sheets' => [], 'left' => []];
        foreach ($plan->sheets as $sheet) {
            $places = [];
            foreach ($sheet->places as $place) {
                [$piece, $part] = $of($place->piece);
                $places[] = [
                    'piece' => $piece,
                    'part' => $part,
                    'x' => $place->x,
                    'y' => $place->y,
                    'turn' => $place->turn,
                    'pinned' => isset($pinned[$place->piece]),
                ];
            }
            $laid['sheets'][] = [
                'stock' => (int) $sheet->stock,
                'length' => $sheet->length,
                'fill' => self::fill(
                    $stock[$sheet->stock],
                    $sheet->length,
                    array_map(static fn (Place $place): NestPiece => $parts[$place->piece], $sheet->places),
                ),
                'places' => $places,
            ];
        }
        foreach ($plan->left as $left) {
            [$piece, $part] = $of($left['piece']);
            $laid['left'][] = ['piece' => $piece, 'part' => $part, 'why' => $left['why']];
        }

        return $laid;
    }
}
