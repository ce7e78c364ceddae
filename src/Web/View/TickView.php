<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A docket waiting at a station. */
final readonly class TickView
{
    public function __construct(public int $number, public string $tag, public string $label, public string $customer, public bool $late, public ?string $neededAt)
    {
    }
}
