<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Where a step of an order is put in the week. */
final readonly class StepPinRequest
{
    /**
     * @param int $docket the number of the docket
     * @param string $key which step of it
     * @param int $worker who does it
     * @param string $from when it begins, ISO 8601
     */
    public function __construct(public int $docket, public string $key, public int $worker, public string $from)
    {
    }
}
