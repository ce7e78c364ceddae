<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Plans side by side. */
final readonly class NestingView
{
    /**
     * @param list<PlanView>  $plans
     * @param list<SplitView> $splits
     */
    public function __construct(public int $id, public int $film, public string $boxes, public bool $working, public array $plans, public array $splits)
    {
    }
}
