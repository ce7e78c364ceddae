<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

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
        public string $says,
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
}
