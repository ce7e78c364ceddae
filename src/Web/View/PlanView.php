<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\NestPlan;

/** One way to lay pieces out. */
final readonly class PlanView
{
    /**
     * @param list<PlanSheetView> $sheets
     * @param list<LeftView>      $left
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $kind,
        public string $label,
        public string $how,
        public string $state,
        public float $progress,
        public int $seconds,
        public ?string $trouble,
        public bool $canUndo,
        public array $sheets,
        public array $left,
        public ?PlanFiguresView $figures,
    ) {
    }

    /**
     * @param list<PlanSheetView> $sheets
     * @param list<LeftView>      $left
     */
    public static function from(NestPlan $plan, array $sheets, array $left, ?PlanFiguresView $figures): self
    {
        return new self($plan->id(), $plan->version(), $plan->kind()->value, $plan->kind()->label(), $plan->how(), $plan->state()->value, round($plan->progress(), 3), $plan->seconds(), $plan->trouble(), $plan->canUndo(), $sheets, $left, $figures);
    }
}
