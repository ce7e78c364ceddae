<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The yes to one proof. */
final readonly class ApproveRequest
{
    public function __construct(public int $version, public int $proof, public string $by)
    {
    }
}
