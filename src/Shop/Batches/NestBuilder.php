<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\Blocks;
use Yelbo\Trade\Sheet\Fixed;
use Yelbo\Trade\Sheet\LeastStock;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Plan;

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
        private NestParts $parts,
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
        $parts = $this->parts->of($pieces, $nesting->split(), $rules);
        $stock = $this->film->stock($nesting->film(), $nesting->stock());
        if ([] === $stock) {
            throw Refusals::at('stock', "There is no {$nesting->film()->name()} on the shelf that the machine takes.");
        }
        $layout = new Layout($parts, array_column($stock, null, 'id'));
        [$fixed, $pinned] = $layout->pinned($plan);
        $loose = array_values(array_diff_key($parts, $pinned));
        [$gaps, $turns] = [$this->film->gaps(), $this->film->turns($nesting->film())];
        // Beside pieces that stay there may be no room for the boxes' own lines: art comes first there.
        $away = [] === $fixed ? $rules->micrometres(Rule::WeedBoxAway) : 0;
        $blocks = Nesting::NO_BOXES === $nesting->boxes()
            ? null
            : Blocks::form($loose, Nesting::BOX_AN_ORDER === $nesting->boxes(), $gaps, $turns, $away, $stock);
        [$loose, $gaps] = [$blocks->pieces ?? $loose, $blocks->gaps ?? $gaps];
        $least = new LeastStock($gaps, $turns, $rules->micrometres(Rule::ShortestOffcut));
        $standing = $layout->standing($plan);
        // What is there already stays until something better is found.
        $toLaid = static function (Plan $best) use (
            $plan,
            $least,
            $blocks,
            $pinned,
            $layout,
            $standing,
            $stock,
        ): array {
            $laid = $layout->laid($blocks?->apart($best) ?? $best, $pinned);
            $isBetter = null === $standing || (PlanKind::LeastFilm === $plan->kind()
                ? $least->isBetter(Layout::planned($laid), Layout::planned($standing), $stock)
                : $layout->cost($laid) < $layout->cost($standing));

            return $isBetter ? $laid : $standing;
        };

        return $toLaid(
            $this->nested($plan, new Nest($gaps, $turns), $least, $stock, $loose, $fixed, $pieces, $toLaid, $more),
        );
    }

    /**
     * @param list<NestStock>               $stock
     * @param list<NestPiece>               $loose
     * @param list<Fixed>                   $fixed
     * @param non-empty-list<Piece>         $pieces due soonest first
     * @param \Closure(Plan): Laid          $toLaid
     * @param \Closure(\Closure(): Laid): bool $more
     */
    private function nested(
        NestPlan $plan,
        Nest $nest,
        LeastStock $least,
        array $stock,
        array $loose,
        array $fixed,
        array $pieces,
        \Closure $toLaid,
        \Closure $more,
    ): Plan {
        $tell = static fn (Plan $best): bool => $more(static fn (): array => $toLaid($best));

        return match ($plan->kind()) {
            PlanKind::LeastFilm => $nest->plan(
                [] === $fixed ? $least->choose($stock, $loose) : $stock,
                $loose,
                $tell,
                $fixed,
            ),
            PlanKind::LeastWeeding => $nest->plan($stock, array_map(self::boxed(...), $loose), $tell, $fixed),
            PlanKind::DueFirst => (new DayByDay($nest, $stock))->plan(
                $loose,
                $pieces,
                static fn (Plan $best, bool $whole): bool => $more(
                    static fn (): array => $whole ? $toLaid($best) : $plan->laid() ?? $toLaid($best),
                ),
                $fixed,
            ),
        };
    }

    /** A piece as the rectangle round it: what lies so is weeded in straight strips. */
    private static function boxed(NestPiece $piece): NestPiece
    {
        return new NestPiece($piece->id, $piece->region->box()->region(), 1, $piece->turns, $piece->order);
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
        ))->isBetter(Layout::planned($one), Layout::planned($other), $stock);
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
}
