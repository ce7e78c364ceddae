<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How far something has come that takes long. */
final readonly class UnderWayView
{
    /**
     * @param string|null $what what is counted, as `names set`; null where nothing was told yet
     * @param int         $done so many of them
     * @param int         $of   and so many there are
     */
    public function __construct(public ?string $what, public int $done, public int $of)
    {
    }
}
