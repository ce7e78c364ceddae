<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;

/** Labels to cut out and stick on film, tape and blanks: a code to scan or to type, and what it is. */
final class Labels
{
    /** mm */
    private const WIDTH = 62.0;
    private const HEIGHT = 34.0;
    private const COLUMNS = 3;
    private const ROWS = 8;

    private function __construct()
    {
    }

    /** @param list<StockItem|Supply> $items */
    public static function response(array $items): Response
    {
        $pdf = Paper::a4(true, 'Labels');
        foreach ($items as $nth => $item) {
            $at = $nth % (self::COLUMNS * self::ROWS);
            if ($nth > 0 && 0 === $at) {
                $pdf->AddPage();
            }
            self::label(
                $pdf,
                $item,
                Paper::MARGIN + self::WIDTH * ($at % self::COLUMNS),
                Paper::MARGIN + self::HEIGHT * intdiv($at, self::COLUMNS),
            );
        }

        return Paper::response($pdf, 'labels.pdf');
    }

    private static function label(\TCPDF $pdf, StockItem|Supply $item, float $x, float $y): void
    {
        $pdf->setLineStyle(['width' => 0.1, 'dash' => '1,1', 'color' => Paper::INK]);
        $pdf->Rect($x, $y, self::WIDTH, self::HEIGHT);
        $pdf->setLineStyle(['width' => 0.25, 'dash' => 0, 'color' => Paper::INK]);
        $pdf->write2DBarcode($item->number(), 'QRCODE,M', $x + 2.5, $y + 2.5, 20, 20, [
            'border' => 0,
            'padding' => 0,
            'fgcolor' => Paper::INK,
        ]);
        Paper::write($pdf, $x + 2.5, $y + 24.5, 22, $item->number(), 12, 'B');
        $right = $x + 26;
        $across = self::WIDTH - 28;
        if ($item instanceof Supply) {
            Paper::write($pdf, $right, $y + 3, $across, $item->name(), 9, 'B');
            Paper::write(
                $pdf,
                $right,
                $y + 8,
                $across,
                null === $item->width() ? 'blank' : Length::micrometres($item->width())->inMetric().' mm wide',
                8,
            );
            Paper::write($pdf, $right, $y + 12.5, $across, "bin {$item->bin()}", 8);

            return;
        }
        Paper::write($pdf, $right, $y + 3, $across, $item->film()->name(), 9, 'B');
        Paper::write(
            $pdf,
            $right,
            $y + 8,
            $across,
            Length::micrometres($item->width())->inMetric().
                (StockItem::ROLL === $item->kind()
                    ? ' mm wide'
                    : ' × '.Length::micrometres($item->height())->inMetric().' mm'),
            8,
        );
        Paper::write(
            $pdf,
            $right,
            $y + 12.5,
            $across,
            "bin {$item->bin()}".('' === $item->lot() ? '' : ", lot {$item->lot()}"),
            8,
        );
        Paper::write($pdf, $right, $y + 17, $across, $item->since()?->format('j M Y') ?? '', 8);
        $scale = max($item->width() / 1000 / $across, $item->height() / 1000 / 10, 1);
        if (StockItem::OFFCUT === $item->kind()) {
            $svg =
                '<svg xmlns="http://www.w3.org/2000/svg" width="'.
                $item->width() / 1000 .
                'mm" height="'.
                $item->height() / 1000 .
                'mm" viewBox="0 0 '.
                $item->width() / 1000 .
                ' '.
                $item->height() / 1000 .
                '"><path d="'.
                SvgPath::write(SvgPath::read($item->outline())).
                '" fill="none" stroke="#12201f" stroke-width="'.
                0.3 * $scale.
                '"/></svg>';
            $pdf->ImageSVG(
                '@'.$svg,
                $right,
                $y + 22,
                $item->width() / 1000 / $scale,
                $item->height() / 1000 / $scale,
            );
        }
    }
}
