<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** The yes to one proof. */
final readonly class ApproveAsk
{
    public function __construct(public int $version, public int $proof, public string $by)
    {
    }
}
