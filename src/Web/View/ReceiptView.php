<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Price\Receipt;

/** That an invoice was paid. */
final readonly class ReceiptView
{
    /**
     * @param int $number its number
     * @param string $tag as it is shown
     * @param string $says how it was paid, in a sentence: paid …
     * @param string $paidAt when, ISO 8601
     */
    public function __construct(public int $number, public string $tag, public string $says, public string $paidAt)
    {
    }

    public static function from(Receipt $receipt): self
    {
        return new self(
            $receipt->number(),
            $receipt->tag(),
            $receipt->paidBy()->inWords(),
            $receipt->paidAt()->format(\DATE_ATOM),
        );
    }
}
