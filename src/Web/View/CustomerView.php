<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A known customer. */
final readonly class CustomerView
{
    /**
     * @param string $name as it was typed last
     * @param string $contact how the customer is reached
     */
    public function __construct(public string $name, public string $contact)
    {
    }
}
