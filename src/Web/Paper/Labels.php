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
        [$name, $size, $bin, $since] = $item instanceof Supply ? self::ofSupply($item) : self::ofFilm($item);
        Paper::write($pdf, $right, $y + 3, $across, $name, 9, 'B');
        Paper::write($pdf, $right, $y + 8, $across, $size, 8);
        Paper::write($pdf, $right, $y + 12.5, $across, $bin, 8);
        if ($item instanceof StockItem) {
            Paper::write($pdf, $right, $y + 17, $across, $since, 8);
            self::shape($pdf, $item, $right, $y + 22, $across);
        }
    }

    /** @return array{string, string, string, string} name, size, bin and lot, since when */
    private static function ofSupply(Supply $supply): array
    {
        $width = $supply->width();

        return [
            $supply->name(),
            null === $width ? 'blank' : Length::micrometres($width)->inMetric().' mm wide',
            "bin {$supply->bin()}",
            '',
        ];
    }

    /** @return array{string, string, string, string} name, size, bin and lot, since when */
    private static function ofFilm(StockItem $item): array
    {
        return [
            $item->film()->name(),
            Length::micrometres($item->width())->inMetric().
                (StockItem::ROLL === $item->kind()
                    ? ' mm wide'
                    : ' × '.Length::micrometres($item->height())->inMetric().' mm'),
            "bin {$item->bin()}".('' === $item->lot() ? '' : ", lot {$item->lot()}"),
            $item->since()?->format('j M Y') ?? '',
        ];
    }

    /** An offcut is known by its shape. */
    private static function shape(\TCPDF $pdf, StockItem $item, float $x, float $y, float $across): void
    {
        if (StockItem::OFFCUT !== $item->kind()) {
            return;
        }
        [$width, $height] = [$item->width() / 1000, $item->height() / 1000];
        $scale = max($width / $across, $height / 10, 1);
        $svg = \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s">'
                .'<path d="%3$s" fill="none" stroke="#12201f" stroke-width="%4$s"/></svg>',
            $width,
            $height,
            SvgPath::write(SvgPath::read($item->outline())),
            0.3 * $scale,
        );
        $pdf->ImageSVG('@'.$svg, $x, $y, $width / $scale, $height / $scale);
    }
}
