<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Price\Invoice;
use Yelbo\Web\View\MoneyView;

/** An invoice on one sheet: whom it is to, what it is for, what it comes to. */
final readonly class InvoicePaper
{
    private const WIDE = 186.0;
    private const ROW = 7.0;

    public function __construct(
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
        #[Autowire('%env(YELBO_CURRENCY)%')] private string $currency,
    ) {
    }

    public function response(Invoice $invoice): Response
    {
        return Paper::response($this->pdf($invoice), strtolower($invoice->tag()).'.pdf');
    }

    private function pdf(Invoice $invoice): \TCPDF
    {
        $pdf = Paper::a4(true, "Invoice {$invoice->tag()}");
        $write = static function (
            float $y,
            string $text,
            float $size = 10,
            string $style = '',
            string $align = 'L',
        ) use ($pdf): void {
            Paper::write($pdf, Paper::MARGIN, $y, self::WIDE, $text, $size, $style, $align);
        };
        $write(Paper::MARGIN, $this->shop, 11, 'B');
        $write(Paper::MARGIN + 22, "Invoice {$invoice->tag()}", 18, 'B');
        $write(Paper::MARGIN + 34, $invoice->madeAt()->format('j F Y'));
        $write(Paper::MARGIN + 34, "Order {$invoice->docket()->tag()}", align: 'R');
        $write(Paper::MARGIN + 46, $invoice->customer(), 11, 'B');
        $y = Paper::MARGIN + 62;
        foreach ($invoice->lines() as $line) {
            $write($y, $line);
            $y += self::ROW;
        }
        $y += 3;
        $pdf->setLineStyle(['width' => 0.2, 'color' => Paper::INK]);
        $pdf->Line(Paper::MARGIN, $y, Paper::MARGIN + self::WIDE, $y);
        $y += 4;
        $write($y, 'In all', 12, 'B');
        $write($y, MoneyView::from($invoice->total(), $this->currency)->text, 12, 'B', 'R');
        if ($invoice->tax()->minor > 0) {
            $write($y + 8, 'of which tax');
            $write($y + 8, MoneyView::from($invoice->tax(), $this->currency)->text, align: 'R');
        }

        return $pdf;
    }
}
