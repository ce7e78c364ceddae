<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Records\Numbering;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Refused;

/** Receipts of paid invoices, with numbers of their own that never repeat or skip. */
final readonly class Receipts
{
    private const BUSY = 'Many receipts are being written at this moment. Try again.';

    public function __construct(
        private EntityManagerInterface $records,
        private Book $book,
        private ClockInterface $clock,
        private Numbering $numbering,
        private Invoices $invoices,
    ) {
    }

    /** @throws NotFound */
    public function numbered(int $number): Receipt
    {
        return $this->records->find(Receipt::class, $number) ?? throw new NotFound('There is no such receipt.');
    }

    /**
     * An invoice is paid, once: whoever says so again is given the same receipt.
     *
     * @throws Refusals at `paidBy`
     */
    public function paid(Invoice $invoice, string $paidBy): Receipt
    {
        $how = PaidBy::tryFrom($paidBy)
            ?? throw Refusals::at('paidBy', 'How was it paid: in cash, by card, by bank transfer?');

        $this->asked($invoice);

        return $this->numbering->under(
            'receipt',
            self::BUSY,
            fn (): Receipt => $this->records->wrapInTransaction(fn (): Receipt => $this->next($invoice, $how)),
        );
    }

    private function next(Invoice $invoice, PaidBy $how): Receipt
    {
        [$known, $owed] = $this->asked($invoice);
        if (null !== $known) {
            return $known;
        }
        $last = $this->records->getConnection()->fetchOne('SELECT MAX(number) FROM receipt');
        $receipt = new Receipt(
            1 + (is_numeric($last) ? (int) $last : 0),
            $invoice,
            $owed->minor,
            $how,
            $this->clock->now(),
        );
        $this->records->persist($receipt);
        $this->book->note(
            'receipt',
            "{$invoice->tag()} paid {$how->inWords()}: {$receipt->tag()}, {$owed->plain()}",
            $invoice->docket()->number(),
        );

        return $receipt;
    }

    /**
     * @return array{Receipt|null, Money} that it was paid already, and what is owed
     *
     * @throws Refused where there is nothing to pay for it
     */
    private function asked(Invoice $invoice): array
    {
        $account = $this->invoices->account($invoice->docket());
        $known = array_values(
            array_filter($account->receipts, static fn (Receipt $one): bool => $one->invoice() === $invoice),
        )[0] ?? null;
        if (null === $known && $account->standing() !== $invoice) {
            throw new Refused('taken-back', "{$invoice->tag()} was taken back: nothing is paid for it any more.");
        }
        if (null === $known && $account->owed()->minor <= 0) {
            throw new Refused('nothing-owed', 'Nothing is owed for this order.');
        }

        return [$known, $account->owed()];
    }
}
