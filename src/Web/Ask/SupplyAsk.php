<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A tape or a blank the shop keeps, as typed. */
final readonly class SupplyAsk
{
    public function __construct(public string $kind, public string $name, public string $width, public string $amount, public string $bin, public string $lowAt = '')
    {
    }
}
