<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;

/**
 * A sheet of a plan.
 *
 * @phpstan-import-type PlanSheet from NestPlan
 */
final readonly class PlanSheetView
{
    /**
     * @param list<LaidView> $places what lies on it
     * @param list<string>   $boxes  weed boxes, once the plan is done
     * @param StockItemView $stock the stock it is cut from
     * @param SizeView $size over all
     * @param string $outline the outline as path data, mm
     * @param LengthView $length how much of the length is used
     * @param LengthView $remnant what is left in one piece
     * @param float $fill the share of the film that is used, from 0 to 1
     */
    public function __construct(
        public StockItemView $stock,
        public SizeView $size,
        public string $outline,
        public array $places,
        public LengthView $length,
        public LengthView $remnant,
        public float $fill,
        public array $boxes,
    ) {
    }

    /**
     * @param int       $height µm; of a roll so much as the machine takes
     * @param PlanSheet $sheet
     * @param list<Box> $boxes  weed boxes
     */
    public static function from(StockItem $stock, int $height, array $sheet, array $boxes): self
    {
        return new self(
            StockItemView::from($stock),
            SizeView::micrometres($stock->width(), $height),
            $stock->outlineDownTo($height),
            array_map(LaidView::from(...), $sheet['places']),
            LengthView::micrometres($sheet['length']),
            LengthView::micrometres(NestPlan::left($sheet, $height)),
            $sheet['fill'],
            array_map(static fn (Box $box): string => SvgPath::write($box->region()), $boxes),
        );
    }
}
