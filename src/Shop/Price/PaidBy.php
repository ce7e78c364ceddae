<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

/** How an invoice was paid. */
enum PaidBy: string
{
    case Cash = 'cash';
    case Card = 'card';
    case Transfer = 'transfer';

    /** In a sentence: paid … */
    public function inWords(): string
    {
        return match ($this) {
            self::Cash => 'in cash',
            self::Card => 'by card',
            self::Transfer => 'by bank transfer',
        };
    }
}
