<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** That an invoice was paid. */
final readonly class PaidRequest
{
    /**
     * @param string $paidBy cash, card or transfer
     */
    public function __construct(public string $paidBy)
    {
    }
}
