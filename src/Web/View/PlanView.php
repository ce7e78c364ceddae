<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Trade\Journey\PlanState;

/** One way to lay pieces out. */
final readonly class PlanView
{
    /**
     * @param list<PlanSheetView> $sheets the sheets it takes
     * @param list<LeftView>      $left what stays for the next batch
     * @param int $id its number in the records
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param PlanKind $kind which kind it is
     * @param string $label as it is shown
     * @param string $how what it puts first, in a sentence
     * @param PlanState $state where it stands
     * @param float $progress from 0 to 1
     * @param int $seconds how long it is thought about
     * @param string|null $trouble what is in the way, as a sentence
     * @param bool $canUndo whether the last move by hand can be taken back
     * @param PlanFiguresView|null $figures what it costs and takes; null until something is laid
     */
    public function __construct(
        public int $id,
        public int $version,
        public PlanKind $kind,
        public string $label,
        public string $how,
        public PlanState $state,
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
     * @param list<PlanSheetView> $sheets the sheets it takes
     * @param list<LeftView>      $left what stays for the next batch
     * @param PlanFiguresView|null $figures what it costs and takes; null until something is laid
     */
    public static function from(NestPlan $plan, array $sheets, array $left, ?PlanFiguresView $figures): self
    {
        return new self(
            $plan->id(),
            $plan->version(),
            $plan->kind(),
            $plan->kind()->label(),
            $plan->how(),
            $plan->state(),
            round($plan->progress(), 3),
            $plan->seconds(),
            $plan->trouble(),
            $plan->canUndo(),
            $sheets,
            $left,
            $figures,
        );
    }
}
