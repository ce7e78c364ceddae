<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an order takes of one kind of tape. */
final readonly class TapeNeedView
{
    /**
     * @param string $kind what kind of tape it takes
     * @param SupplyNeedView|null $roll the roll of it; none where there is none of that kind
     */
    public function __construct(public string $kind, public ?SupplyNeedView $roll)
    {
    }
}
