<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Price\Costs;
use Yelbo\Shop\Price\CreditNote;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Shop\Price\Receipts;
use Yelbo\Trade\Refused;
use Yelbo\Web\Address;
use Yelbo\Web\Paper\BillPaper;
use Yelbo\Web\Request\PaidRequest;
use Yelbo\Web\View\ChargedView;
use Yelbo\Web\View\CreditView;
use Yelbo\Web\View\InvoiceView;
use Yelbo\Web\View\MoneyView;
use Yelbo\Web\View\QuoteView;
use Yelbo\Web\View\RealCostView;
use Yelbo\Web\View\ReceiptView;

/** What orders cost, their quotes, invoices and receipts. */
final readonly class PriceController
{
    private const NUMBER = ['number' => Address::NUMBER];

    public function __construct(
        private Dockets $dockets,
        private Quotes $quotes,
        private Invoices $invoices,
        private Receipts $receipts,
        private Costs $costs,
        private BillPaper $paper,
        #[Autowire('%money.format%')] private string $money,
    ) {
    }

    /** Tells what an order costs as it is drawn now, what was agreed, charged and paid, and what it really cost. */
    #[Route('/api/dockets/{number}/quote', name: 'docket-quote', requirements: self::NUMBER, methods: ['GET'])]
    public function quote(int $number): ChargedView
    {
        $docket = $this->dockets->measured($number);
        $account = $this->invoices->account($docket);
        $invoice = $account->standing();
        $receipt = $account->receipt();
        $agreed = $this->invoices->agreed($docket);
        $cost = $this->costs->of($docket);
        try {
            $quote = QuoteView::from($this->quotes->of($docket), [], $this->money);
        } catch (Refused) {
            $quote = null;
        }

        return new ChargedView(
            $quote,
            null === $agreed ? null : MoneyView::from($agreed, $this->money),
            null === $invoice ? null : InvoiceView::from($invoice, $this->money),
            null === $receipt ? null : ReceiptView::from($receipt),
            array_map(static fn (CreditNote $note): CreditView => CreditView::from($note), $account->credits),
            MoneyView::from($account->owed(), $this->money),
            null === $cost ? null : RealCostView::from($cost, $this->money),
        );
    }

    /** Gives the quote its newest proof says on paper. */
    #[Route('/api/dockets/{number}/quote.pdf', name: 'quote-pdf', requirements: self::NUMBER, methods: ['GET'])]
    public function quotePaper(int $number): Response
    {
        return $this->paper->response($this->invoices->quote($this->dockets->measured($number)->proofs()->newest()));
    }

    /** Writes the invoice of an order, once. */
    #[Route('/api/dockets/{number}/invoice', name: 'docket-invoice', requirements: self::NUMBER, methods: ['POST'])]
    public function write(int $number): InvoiceView
    {
        return InvoiceView::from($this->invoices->write($this->dockets->measured($number)), $this->money);
    }

    /** Gives an invoice on paper. */
    #[Route('/api/invoices/{number}.pdf', name: 'invoice-pdf', requirements: self::NUMBER, methods: ['GET'])]
    public function paper(int $number): Response
    {
        return $this->paper->response($this->invoices->numbered($number)->bill());
    }

    /** Gives a credit note on paper. */
    #[Route('/api/credits/{number}.pdf', name: 'credit-pdf', requirements: self::NUMBER, methods: ['GET'])]
    public function creditPaper(int $number): Response
    {
        return $this->paper->response($this->invoices->credit($number)->bill());
    }

    /** Notes that an invoice was paid, once, and how. */
    #[Route('/api/invoices/{number}/receipt', name: 'invoice-paid', requirements: self::NUMBER, methods: ['POST'])]
    public function paid(int $number, #[MapRequestPayload] PaidRequest $request): ReceiptView
    {
        return ReceiptView::from($this->receipts->paid($this->invoices->numbered($number), $request->paidBy));
    }

    /** Gives a receipt on paper. */
    #[Route('/api/receipts/{number}.pdf', name: 'receipt-pdf', requirements: self::NUMBER, methods: ['GET'])]
    public function receiptPaper(int $number): Response
    {
        return $this->paper->response($this->receipts->numbered($number)->bill());
    }
}
