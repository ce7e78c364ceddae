<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** Tells how the price of an order comes about, so that its proof can say it. */
interface QuoteTeller
{
    /** @return list<array{what: string, says: string, minor: int}> lines that add up; none where it cannot be told */
    public function lines(Docket $docket): array;
}
