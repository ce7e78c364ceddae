<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Price\Bill;
use Yelbo\Web\View\MoneyView;

/** A quote, an invoice or a receipt on one sheet: whom it is to, what it is for, what it comes to. */
final readonly class BillPaper
{
    private const WIDE = 186.0;
    private const ROW = 7.0;

    public function __construct(
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
        #[Autowire('%money.format%')] private string $money,
    ) {
    }

    public function response(Bill $bill): Response
    {
        return Paper::response($this->pdf($bill), strtolower((string) preg_replace('~\W+~', '-', $bill->title)).'.pdf');
    }

    private function pdf(Bill $bill): \TCPDF
    {
        $pdf = Paper::a4(true, $bill->title);
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
        $write(Paper::MARGIN + 22, $bill->title, 18, 'B');
        $write(Paper::MARGIN + 34, $bill->date->format('j F Y'));
        $write(Paper::MARGIN + 34, "Order {$bill->order}", align: 'R');
        $write(Paper::MARGIN + 46, $bill->customer, 11, 'B');
        $y = Paper::MARGIN + 62;
        foreach ($bill->lines as $line) {
            $write($y, $line);
            $y += self::ROW;
        }
        $y += 3;
        $pdf->setLineStyle(['width' => 0.2, 'color' => Paper::INK]);
        $pdf->Line(Paper::MARGIN, $y, Paper::MARGIN + self::WIDE, $y);
        $y += 4;
        $write($y, 'In all', 12, 'B');
        $write($y, MoneyView::from($bill->total, $this->money)->text, 12, 'B', 'R');
        if ($bill->tax->minor > 0) {
            $y += 8;
            $write($y, 'of which tax');
            $write($y, MoneyView::from($bill->tax, $this->money)->text, align: 'R');
        }
        if ('' !== $bill->says) {
            $write($y + 14, $bill->says);
        }

        return $pdf;
    }
}
