<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\NestParts;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanOverview;
use Yelbo\Shop\Batches\PlanSheets;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Web\View\LeftView;
use Yelbo\Web\View\NestingView;
use Yelbo\Web\View\PlanFiguresView;
use Yelbo\Web\View\PlanSheetView;
use Yelbo\Web\View\PlanView;
use Yelbo\Web\View\ShapesView;
use Yelbo\Web\View\ShapeView;
use Yelbo\Web\View\SplitView;

/**
 * Plans side by side as the page is shown them, with what each takes.
 *
 * @phpstan-import-type PlanSheet from NestPlan
 */
final readonly class PlanViews
{
    public function __construct(
        private PlanSheets $sheets,
        private PlanOverview $overview,
        private Shelf $shelf,
        private Lateness $lateness,
        private ShopRules $rules,
    ) {
    }

    public function nesting(Nesting $nesting): NestingView
    {
        $pieces = $this->sheets->pieces($nesting);

        return new NestingView(
            $nesting->id(),
            $nesting->film()->id(),
            $nesting->boxes(),
            $nesting->isUnderWay(),
            array_map(fn (NestPlan $plan): PlanView => $this->plan($plan, $pieces), $nesting->plans()),
            array_map(SplitView::from(...), $this->overview->splits($nesting, $pieces)),
        );
    }

    public function shapes(Nesting $nesting): ShapesView
    {
        $pieces = $this->sheets->pieces($nesting);
        $shapes = [];
        foreach ($this->sheets->partsOf($nesting) as $name => $part) {
            $piece = $pieces[(int) $name];
            $shapes[] = ShapeView::from(
                (string) $name,
                $piece,
                NestParts::tag($piece, (string) $name),
                $part->region,
                $this->lateness->isPieceLate($piece),
            );
        }

        return new ShapesView($shapes);
    }

    /** @param array<int, Piece> $pieces by id */
    private function plan(NestPlan $plan, array $pieces): PlanView
    {
        $laid = $plan->laid();
        $figures = $this->overview->figures($plan, $pieces);

        return PlanView::from(
            $plan,
            array_map(fn (array $sheet): PlanSheetView => $this->sheet($plan, $sheet, $pieces), $laid['sheets'] ?? []),
            array_map(
                static fn (array $at): LeftView => new LeftView(
                    isset($pieces[$at['piece']]) ? $pieces[$at['piece']]->tag() : '',
                    $at['why'],
                ),
                $laid['left'] ?? [],
            ),
            null === $figures ? null : PlanFiguresView::from($figures, \count($laid['left'] ?? [])),
        );
    }

    /**
     * @param PlanSheet         $sheet
     * @param array<int, Piece> $pieces by id
     */
    private function sheet(NestPlan $plan, array $sheet, array $pieces): PlanSheetView
    {
        $stock = $this->shelf->item($sheet['stock']);

        return PlanSheetView::from(
            $stock,
            FilmToCut::usableLength($stock, $this->rules->current()),
            $sheet,
            PlanState::Done === $plan->state() ? $this->overview->boxes($plan->nesting(), $sheet, $pieces) : [],
        );
    }
}
