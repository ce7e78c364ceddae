<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Trade\Refused;
use Yelbo\Web\Paper\InvoicePaper;
use Yelbo\Web\View\ChargedView;
use Yelbo\Web\View\InvoiceView;
use Yelbo\Web\View\MoneyView;
use Yelbo\Web\View\QuoteView;

/** What orders cost, and their invoices. */
final readonly class PriceController
{
    private const NUMBER = ['number' => '\d{1,9}'];

    public function __construct(
        private Dockets $dockets,
        private Quotes $quotes,
        private Invoices $invoices,
        private InvoicePaper $paper,
        #[Autowire('%env(YELBO_CURRENCY)%')] private string $currency,
    ) {
    }

    /** Tells what an order costs as it is drawn now, what was agreed, and what was charged. */
    #[Route('/api/dockets/{number}/quote', name: 'docket-quote', requirements: self::NUMBER, methods: ['GET'])]
    public function quote(int $number): ChargedView
    {
        $docket = $this->dockets->measured($number);
        $invoice = $this->invoices->of($docket);
        $agreed = $this->invoices->agreed($docket);
        try {
            $quote = QuoteView::from($this->quotes->of($docket), [], $this->currency);
        } catch (Refused) {
            $quote = null;
        }

        return new ChargedView(
            $quote,
            null === $agreed ? null : MoneyView::from($agreed, $this->currency),
            null === $invoice ? null : InvoiceView::from($invoice, $this->currency),
        );
    }

    /** Writes the invoice of an order, once. */
    #[Route('/api/dockets/{number}/invoice', name: 'docket-invoice', requirements: self::NUMBER, methods: ['POST'])]
    public function write(int $number): InvoiceView
    {
        return InvoiceView::from($this->invoices->write($this->dockets->measured($number)), $this->currency);
    }

    /** Gives an invoice on paper. */
    #[Route('/api/invoices/{number}.pdf', name: 'invoice-pdf', requirements: self::NUMBER, methods: ['GET'])]
    public function paper(int $number): Response
    {
        return $this->paper->response($this->invoices->numbered($number));
    }
}
