<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A known customer. */
final readonly class CustomerView
{
    public function __construct(public string $name, public string $contact)
    {
    }
}
