<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A change that was proposed for an order that comes late. */
final readonly class WeekTakeRequest
{
    /**
     * @param int $docket the number of the docket
     * @param string $kind first or longer
     * @param string $date the day that is longer; empty for the other
     */
    public function __construct(public int $docket, public string $kind, public string $date = '')
    {
    }
}
