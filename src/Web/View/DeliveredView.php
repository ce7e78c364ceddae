<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Orders that were handed over so many days before they were used. */
final readonly class DeliveredView
{
    /**
     * @param int $days before; below 0 where it was late
     * @param int $count how many orders
     */
    public function __construct(public int $days, public int $count)
    {
    }
}
