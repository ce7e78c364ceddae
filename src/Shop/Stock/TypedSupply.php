<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** A tape or a blank the shop keeps, as typed. */
final readonly class TypedSupply
{
    public function __construct(public string $kind, public string $name, public string $width, public string $amount, public string $bin, public string $lowAt = '')
    {
    }
}
