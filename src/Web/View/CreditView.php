<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Price\CreditNote;

/** An invoice that was taken back. */
final readonly class CreditView
{
    /**
     * @param int $number its number
     * @param string $tag as it is shown
     * @param int $invoice the number of the invoice it takes back
     * @param string $invoiceTag that as it is shown
     * @param string $why a sentence
     */
    public function __construct(
        public int $number,
        public string $tag,
        public int $invoice,
        public string $invoiceTag,
        public string $why,
    ) {
    }

    public static function from(CreditNote $note): self
    {
        return new self(
            $note->number(),
            $note->tag(),
            $note->invoice()->number(),
            $note->invoice()->tag(),
            $note->why(),
        );
    }
}
