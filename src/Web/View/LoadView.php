<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Minutes of hands on a day. */
final readonly class LoadView
{
    /**
     * @param string $date 2026-11-27
     * @param int $planned minutes that are planned
     * @param int $open minutes there are
     */
    public function __construct(public string $date, public int $planned, public int $open)
    {
    }
}
