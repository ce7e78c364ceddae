<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What was learned of the shop's own minutes. */
final readonly class PacesView
{
    /**
     * @param list<PaceView> $paces the newest of each station
     * @param list<PaceView> $own those of people, by name
     */
    public function __construct(public array $paces, public array $own)
    {
    }
}
