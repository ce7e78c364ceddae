<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;

/**
 * A cut sheet on paper: its pieces numbered where they lie, and for each number the words, the order and where it goes.
 */
final readonly class SheetMap
{
    private const DRAWING = 96.0;
    private const TOP = 30.0;
    private const ROW = 9.5;

    public function __construct(private CutSheets $sheets)
    {
    }

    public function response(Batch $batch): Response
    {
        return Paper::response($this->pdf($batch), "batch-{$batch->id()}-map.pdf");
    }

    private function pdf(Batch $batch): \TCPDF
    {
        $pdf = Paper::a4(true, "Sheet map of batch {$batch->id()}");
        $this->head($pdf, $batch);
        $rows = [];
        foreach ($this->sheets->contents($batch) as $placed) {
            $rows[] = [$placed->piece, $this->sheets->put($placed), $placed->part];
        }
        usort(
            $rows,
            static fn (array $a, array $b): int => [intdiv($a[1]->box()->top, 20_000), $a[1]->box()->left] <=> [
                intdiv($b[1]->box()->top, 20_000),
                $b[1]->box()->left,
            ],
        );
        $scale = Paper::scale(
            $batch->width() / 1000,
            $batch->height() / 1000,
            self::DRAWING,
            Paper::LONG - self::TOP - 26,
        );
        $this->drawing($pdf, $batch, $rows, $scale);
        Paper::bar($pdf, $scale, Paper::SHORT, Paper::LONG);
        $this->list($pdf, $batch, $rows);

        return $pdf;
    }

    private function head(\TCPDF $pdf, Batch $batch): void
    {
        $size =
            Length::micrometres($batch->width())->inMetric().
            ' × '.
            Length::micrometres($batch->height())->inMetric().
            ' mm';
        $released = $batch->releasedAt()->format('j F Y, H:i');
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN,
            130,
            "Batch {$batch->id()}: {$batch->film()->name()}",
            15,
            'B',
        );
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN + 9,
            186,
            "On {$batch->stock()->number()}, $size, bin {$batch->stock()->bin()}. Released $released. "
                .'The end that is fed first is at the top.',
            9,
        );
    }

    /** @param list<array{Piece, Region, int}> $rows */
    private function drawing(\TCPDF $pdf, Batch $batch, array $rows, int $scale): void
    {
        $width = $batch->width() / 1000;
        $height = $batch->height() / 1000;
        $paths = '';
        foreach ($rows as [, $put]) {
            $paths .=
                '<path d="'.
                SvgPath::write($put).
                '" fill="#c0cac8" stroke="#12201f" stroke-width="'.
                0.2 * $scale.
                '"/>';
        }
        foreach ($batch->boxes() as $box) {
            $paths .=
                '<path d="'.
                SvgPath::write($box->region()).
                '" fill="none" stroke="#12201f" stroke-width="'.
                0.15 * $scale.
                '"/>';
        }
        $svg =
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"0 0 "
                ."$width $height\"><path d=\"{$batch->outline()}\" fill=\"none\" stroke=\"#12201f\" stroke-width=\"".
            0.35 * $scale.
            "\"/>$paths</svg>";
        $pdf->ImageSVG('@'.$svg, Paper::MARGIN, self::TOP, $width / $scale, $height / $scale);
        foreach ($rows as $nth => [, $put]) {
            $box = $put->box();
            $x = Paper::MARGIN + ($box->left + $box->width() / 2) / 1000 / $scale;
            $y = self::TOP + ($box->top + $box->height() / 2) / 1000 / $scale;
            $pdf->setLineStyle(['width' => 0.25, 'color' => Paper::INK]);
            $pdf->setFillColor(255, 255, 255);
            $pdf->Circle($x, $y, 2.6, 0, 360, 'DF');
            Paper::write($pdf, $x - 3, $y - 2.1, 6, (string) ($nth + 1), 7.5, 'B', 'C');
        }
    }

    /** @param list<array{Piece, Region, int}> $rows */
    private function list(\TCPDF $pdf, Batch $batch, array $rows): void
    {
        $x = Paper::MARGIN + self::DRAWING + 6;
        $across = Paper::SHORT - Paper::MARGIN - $x;
        $y = self::TOP;
        foreach ($rows as $nth => [$piece, , $part]) {
            if ($y + self::ROW > Paper::LONG - 26) {
                $pdf->AddPage();
                $this->head($pdf, $batch);
                [$x, $across, $y] = [Paper::MARGIN, Paper::SHORT - 2 * Paper::MARGIN, self::TOP];
            }
            Paper::write($pdf, $x, $y, 8, (string) ($nth + 1), 10, 'B');
            Paper::write(
                $pdf,
                $x + 8,
                $y,
                $across - 8,
                $piece->drawn()->label().
                    ($part < 0 ? '' : ', part '.($part + 1)).
                    ($piece->proof()->frozen()->mirrored ? ', mirrored' : ''),
                10,
                'B',
            );
            $docket = $piece->docket();
            Paper::write(
                $pdf,
                $x + 8,
                $y + 4.4,
                $across - 8,
                "{$piece->tag()}, ".
                    ($docket->customer()?->name() ?? '').
                    ": {$piece->item()->object()->name()}".
                    (null === $docket->neededAt() ? '' : ', '.$docket->neededAt()->format('j M')).
                    ($piece->item()->isAppliedHere() ? '' : ', to take away'),
                8,
            );
            $y += self::ROW;
        }
    }
}
