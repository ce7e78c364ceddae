<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Known customers. */
final readonly class CustomersView
{
    /** @param list<CustomerView> $customers who is known by that name*/
    public function __construct(public array $customers)
    {
    }
}
