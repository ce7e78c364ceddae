<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Stock\Shelf;

/**
 * Pieces that wait for film, and the plans made for them.
 *
 * @phpstan-import-type Laid from NestPlan
 */
abstract class PlansTestCase extends ShopTestCase
{
    /**
     * @param list<Piece> $pieces
     * @param list<int>   $split
     */
    protected function begun(array $pieces, array $split = [], string $boxes = 'none'): Nesting
    {
        $fresh = array_map(fn (Piece $piece): Piece => $this->get(Pieces::class)->piece($piece->id()), $pieces);
        $nesting = $this->get(PlanQueue::class)->begin(
            $this->navy,
            array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $fresh),
            $split,
            $boxes,
            null,
            0,
        );
        foreach ($nesting->plans() as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        }
        // As a later request would see it.
        $this->records->clear();
        $this->navy = $this->get(Shelf::class)->film($this->navy->id());
        $this->sheets = $this->get(Shelf::class)->item($this->sheets->id());

        return $this->get(PlanEditor::class)->nesting($nesting->id());
    }

    protected function plan(Nesting $nesting, PlanKind $kind = PlanKind::LeastFilm): NestPlan
    {
        foreach ($this->get(PlanEditor::class)->nesting($nesting->id())->plans() as $plan) {
            if ($plan->kind() === $kind) {
                return $this->get(PlanEditor::class)->plan($plan->id());
            }
        }
        throw new \LogicException('There is one of each kind.');
    }

    /** @return Laid */
    protected function laid(NestPlan $plan): array
    {
        return $plan->laid() ?? throw new \LogicException('Not laid.');
    }

    /** @return list<Piece> */
    protected function pieces(string ...$words): array
    {
        return array_merge(
            ...array_map(fn (string $word): array => $this->approved($word)->pieces(), array_values($words)),
        );
    }
}
