<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Printing;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Geometry\Region;

/**
 * What the printer prints on a sheet of film before it is cut: pictures at true size where they lie, and a register
 * mark in each corner, at the same places as in the cut file. The page is as large as the sheet.
 */
final readonly class PrintSheet
{
    public function __construct(private Printing $printing, private BroughtArts $arts)
    {
    }

    /** @throws NotFound where nothing is printed on it */
    public function response(Batch $batch): Response
    {
        if (null === $this->printing->run($batch)) {
            throw new NotFound('Nothing on this sheet is printed.');
        }

        return Paper::response($this->pdf($batch), "batch-{$batch->id()}-print.pdf");
    }

    private function pdf(Batch $batch): \TCPDF
    {
        [$width, $height] = [$batch->width() / 1000, $batch->height() / 1000];
        $pdf = new \TCPDF($width > $height ? 'L' : 'P', 'mm', [$width, $height]);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0);
        $pdf->setCreator('Yelbo');
        $pdf->setTitle("Print of batch {$batch->id()}");
        $pdf->setImageScale(1.0);
        $pdf->AddPage();
        foreach ($this->printing->pictures($batch) as $at) {
            foreach ($at['inside']->polygons as $polygon) {
                $pdf->StartTransform();
                $pdf->Polygon(self::points($polygon[0]), 'CNZ');
                // The library turns the other way.
                $pdf->Rotate(-$at['turn'], $at['x'], $at['y']);
                if ($at['mirrored']) {
                    $pdf->MirrorH($at['x']);
                }
                $pdf->Image(
                    '@'.$this->arts->numbered($at['art'])->picture(),
                    $at['x'] - $at['width'] / 2,
                    $at['y'] - $at['height'] / 2,
                    $at['width'],
                    $at['height'],
                    'JPEG',
                );
                $pdf->StopTransform();
            }
        }
        foreach ($this->printing->marks($batch) as $mark) {
            $this->mark($pdf, $mark);
        }

        return $pdf;
    }

    private function mark(\TCPDF $pdf, Region $mark): void
    {
        foreach ($mark->polygons as $polygon) {
            foreach ($polygon as $nth => $ring) {
                $pdf->Polygon(self::points($ring), 'F', [], 0 === $nth ? Paper::INK : [255, 255, 255]);
            }
        }
    }

    /**
     * @param list<array{int, int}> $ring µm
     *
     * @return list<float> mm, across and down in turn
     */
    private static function points(array $ring): array
    {
        $points = [];
        foreach ($ring as [$x, $y]) {
            array_push($points, $x / 1000, $y / 1000);
        }

        return $points;
    }
}
