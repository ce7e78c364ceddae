<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Batches\Laying;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\Planning;
use Yelbo\Shop\Batches\Releasing;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\Effort;
use Yelbo\Trade\Sheet\Parts;
use Yelbo\Web\View\LaidView;
use Yelbo\Web\View\LeftView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\NestingView;
use Yelbo\Web\View\PlanFiguresView;
use Yelbo\Web\View\PlanSheetView;
use Yelbo\Web\View\PlanView;
use Yelbo\Web\View\ShapesView;
use Yelbo\Web\View\ShapeView;
use Yelbo\Web\View\SizeView;
use Yelbo\Web\View\SplitView;
use Yelbo\Web\View\StockItemView;

/**
 * Plans side by side, with what each takes.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type PlanSheet from NestPlan
 * @phpstan-type Figures array{minutes: float, outline: float, area: float, width: int, height: int}
 */
final readonly class Plans
{
    public function __construct(private Planning $planning, private Laying $laying, private Releasing $releasing, private Bench $bench, private Shelf $shelf, private Present $present, private ShopRules $rules, private Memory $memory)
    {
    }

    public function nesting(Nesting $nesting): NestingView
    {
        $pieces = $this->planning->pieces($nesting);
        $plans = array_map(fn (NestPlan $plan): PlanView => $this->plan($plan, $pieces), $nesting->plans());
        $working = [] !== array_filter($plans, static fn (PlanView $plan): bool => \in_array($plan->state, [NestPlan::WAITING, NestPlan::WORKING], true));

        return new NestingView($nesting->id(), $nesting->film()->id(), $nesting->boxes(), $working, $plans, $this->splits($nesting, $pieces));
    }

    public function shapes(Nesting $nesting): ShapesView
    {
        $pieces = $this->planning->pieces($nesting);
        $shapes = [];
        foreach ($this->laying->parts(array_values($pieces), $nesting->split(), $this->rules->current()) as $name => $part) {
            $piece = $pieces[(int) $name];
            $box = $part->region->box();
            $at = strpos((string) $name, '#');
            $shapes[] = new ShapeView((string) $name, $piece->id(), $piece->tag().(false === $at ? '' : ' part '.((int) substr((string) $name, $at + 1) + 1)), $piece->docket()->number(), $piece->label(), SvgPath::write($part->region->moved(-$box->left, -$box->top)), $box->width() / 1000, $box->height() / 1000, $this->present->isPieceLate($piece));
        }

        return new ShapesView($shapes);
    }

    /** @param array<int, Piece> $pieces */
    private function plan(NestPlan $plan, array $pieces): PlanView
    {
        $laid = $plan->laid();
        $sheets = [];
        $left = [];
        foreach ($laid['sheets'] ?? [] as $sheet) {
            $stock = $this->shelf->item($sheet['stock']);
            $height = $this->sheetHeight($stock);
            $sheets[] = new PlanSheetView(
                StockItemView::of($stock), SizeView::micrometres($stock->width(), $height), StockItem::ROLL === $stock->kind() ? SvgPath::write(Box::sized($stock->width(), $height)->region()) : $stock->outline(),
                array_map(static fn (array $at): LaidView => new LaidView(Laying::name($at['piece'], $at['part']), $at['x'] / 1000, $at['y'] / 1000, $at['turn'], $at['pinned']), $sheet['places']),
                LengthView::micrometres($sheet['length']), LengthView::micrometres(max(0, $height - $sheet['length'])), $sheet['fill'],
                NestPlan::DONE === $plan->state() ? $this->boxes($plan->nesting(), $sheet, $pieces) : [],
            );
        }
        foreach ($laid['left'] ?? [] as $at) {
            $left[] = new LeftView(isset($pieces[$at['piece']]) ? $pieces[$at['piece']]->tag() : '', $at['why']);
        }

        return new PlanView($plan->id(), $plan->version(), $plan->kind()->value, $plan->kind()->says(), Nesting::NO_BOXES === $plan->nesting()->boxes() ? $plan->kind()->how() : 'Laid by the weed boxes around them.', $plan->state(), round($plan->progress(), 3), $plan->seconds(), $plan->trouble(), $plan->canUndo(), $sheets, $left, null === $laid ? null : $this->figures($plan, $laid, $pieces));
    }

    /**
     * @param PlanSheet         $sheet
     * @param array<int, Piece> $pieces
     *
     * @return list<string>
     */
    private function boxes(Nesting $nesting, array $sheet, array $pieces): array
    {
        if (Nesting::NO_BOXES === $nesting->boxes()) {
            return [];
        }
        $ids = array_column($sheet['places'], 'piece');

        return $this->memory->recall('boxes.'.hash('xxh128', serialize([$sheet, $nesting->boxes(), $nesting->split(), $ids, $this->rules->current()])), fn (): array => array_map(
            static fn (Box $box): string => SvgPath::write($box->region()),
            $this->releasing->boxes($nesting, $this->shelf->item($sheet['stock']), $this->releasing->lie($nesting, $sheet['places'], $pieces)),
        ));
    }

    private function sheetHeight(StockItem $stock): int
    {
        return StockItem::ROLL === $stock->kind() ? min($stock->height(), $this->rules->current()->micrometres(Rule::MarginTop) + $this->rules->current()->micrometres(Rule::CutLength)) : $stock->height();
    }

    /**
     * @param Laid              $laid
     * @param array<int, Piece> $pieces
     */
    private function figures(NestPlan $plan, array $laid, array $pieces): PlanFiguresView
    {
        $rules = $this->rules->current();
        $offcuts = $placed = 0;
        $film = $cutting = $weeding = 0.0;
        $rest = 0;
        $parts = [];
        foreach ($laid['sheets'] as $sheet) {
            $stock = $this->shelf->item($sheet['stock']);
            $isOffcut = StockItem::OFFCUT === $stock->kind();
            $offcuts += $isOffcut ? 1 : 0;
            $film += $isOffcut ? $stock->area() / max(1, $stock->count()) / 1e12 : $sheet['length'] / 1e6 * $stock->width() / 1e6;
            $rest = $isOffcut ? $rest : max(0, $this->sheetHeight($stock) - $sheet['length']);
            $boxes = [];
            $outline = 0.0;
            foreach ($sheet['places'] as $at) {
                if (!isset($pieces[$at['piece']])) {
                    continue;
                }
                $of = $this->of($pieces[$at['piece']], $plan->nesting(), $at['part'], $rules);
                $parts[$at['piece']] = ($parts[$at['piece']] ?? 0) + 1;
                $weeding += $of['minutes'];
                $outline += $of['outline'];
                $flat = 0.0 === fmod($at['turn'], 180);
                $boxes[] = Box::sized($flat ? $of['width'] : $of['height'], $flat ? $of['height'] : $of['width'])->moved($at['x'], $at['y']);
            }
            $placed += \count($boxes);
            $effort = new Effort($rules);
            $weeding += $effort->untangling($boxes);
            $cutting += $effort->cutting($outline, $boxes);
        }
        $joins = array_sum($parts) - \count($parts);
        $weeding += $joins * $rules->value(Rule::JoinPart);
        $price = $plan->nesting()->film()->price();

        return new PlanFiguresView(
            $placed, $placed + \count($laid['left']), \count($laid['sheets']), $offcuts, round($film, 4), LengthView::micrometres($rest), round($cutting, 1), round($weeding, 1),
            null === $price ? null : (int) round($price * $film + 100 * $rules->value(Rule::BenchMinute) * ($cutting + $weeding)),
        );
    }

    /**
     * What is known of a piece or a part of it without drawing it again.
     *
     * @return Figures
     */
    private function of(Piece $piece, Nesting $nesting, int $part, Rules $rules): array
    {
        $split = \in_array($piece->id(), $nesting->split(), true);

        return $this->memory->recall('plan-figures.'.hash('xxh128', serialize([$piece->proof()->id(), $piece->member(), $piece->layer(), $part, $split, $rules])), function () use ($piece, $part, $split, $rules): array {
            $whole = $piece->region();
            $parts = $part < 0 ? [$whole] : $this->laying->partsOf($piece, $split, $rules);
            $region = $parts[max(0, $part)] ?? $whole;
            $box = $region->box();

            return [
                'minutes' => $this->bench->weeding($piece)->minutes * ($part < 0 ? 1.0 : $region->outlineLength() / max(1e-6, $whole->outlineLength())),
                'outline' => $region->outlineLength(), 'area' => $region->area(), 'width' => $box->width(), 'height' => $box->height(),
            ];
        });
    }

    /**
     * @param array<int, Piece> $pieces
     *
     * @return list<SplitView>
     */
    private function splits(Nesting $nesting, array $pieces): array
    {
        $rules = $this->rules->current();
        $gap = $rules->micrometres(Rule::GapInsideOrder);
        $splits = [];
        foreach ($pieces as $piece) {
            /** @var array{int, float} $found */
            $found = $this->memory->recall('split.'.hash('xxh128', serialize([$piece->proof()->id(), $piece->member(), $piece->layer(), $gap])), static function () use ($piece, $gap): array {
                $parts = Parts::apart($piece->region(), $gap);

                return [\count($parts), Parts::saved($piece->region(), $parts, $gap)];
            });
            if ($found[0] > 1) {
                $splits[] = new SplitView($piece->id(), $piece->tag(), $piece->label(), $found[0], round($found[1] / 100, 1), ($found[0] - 1) * $rules->value(Rule::JoinPart), \in_array($piece->id(), $nesting->split(), true));
            }
        }

        return $splits;
    }
}
