<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A step of an order the plan may put where it likes again. */
final readonly class StepUnpinRequest
{
    /**
     * @param int $docket the number of the docket
     * @param string $key which step of it
     */
    public function __construct(public int $docket, public string $key)
    {
    }
}
