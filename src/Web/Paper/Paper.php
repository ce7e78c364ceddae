<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** What every printed page has: one typeface, and a bar to check the scale by. Lengths in mm on paper. */
final class Paper
{
    public const SHORT = 210.0;
    public const LONG = 297.0;
    public const MARGIN = 12.0;
    /** The face of the screens; letters it lacks are set in one that has them. */
    private const FACE = 'barlow';
    private const FACE_OF_ALL = 'dejavusanscondensed';
    private const FACES = __DIR__.'/../../../assets/paper/';
    public const INK = [18, 32, 31];
    private const BAR = 50.0;
    /** One to so many. */
    private const SCALES = [1, 2, 5, 10, 20, 50, 100];

    private function __construct()
    {
    }

    public static function a4(bool $upright, string $title): \TCPDF
    {
        return self::sheet($upright, 'a4', $title);
    }

    /** @param string $paper a4 or letter */
    public static function sheet(bool $upright, string $paper, string $title): \TCPDF
    {
        $pdf = new \TCPDF($upright ? 'P' : 'L', 'mm', strtoupper($paper));
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(self::MARGIN, self::MARGIN);
        $pdf->setCreator('Yelbo');
        $pdf->setTitle($title);
        $pdf->setCompression(true);
        $pdf->AddFont(self::FACE, '', self::FACES.'barlow.php');
        $pdf->AddFont(self::FACE, 'B', self::FACES.'barlowb.php');
        $pdf->AddPage();

        return $pdf;
    }

    /**
     * Sets the face for what is written next.
     *
     * @param string $style B for bold, or nothing
     * @param float  $size  pt
     * @param string $text  what is written: a name in letters the face lacks is set in another
     */
    public static function letters(\TCPDF $pdf, string $style, float $size, string $text): void
    {
        $pdf->setFont(self::FACE, $style, $size);
        foreach (mb_str_split($text) as $letter) {
            if ("\n" !== $letter && !$pdf->isCharDefined($letter)) {
                $pdf->setFont(self::FACE_OF_ALL, $style, $size);

                return;
            }
        }
    }

    public static function write(
        \TCPDF $pdf,
        float $x,
        float $y,
        float $width,
        string $text,
        float $size = 9,
        string $style = '',
        string $align = 'L',
    ): void {
        self::letters($pdf, $style, $size, $text);
        $pdf->setXY($x, $y);
        // Narrower letters rather than letters that run out.
        $pdf->Cell($width, $size * 0.55, $text, 0, 0, $align, false, '', 1);
    }

    public static function bar(\TCPDF $pdf, int $scale, float $across, float $down): void
    {
        $y = $down - self::MARGIN - 4;
        $pdf->setLineStyle(['width' => 0.3, 'color' => self::INK]);
        $pdf->Line(self::MARGIN, $y, self::MARGIN + self::BAR, $y);
        for ($tick = 0; $tick <= self::BAR; $tick += 10) {
            $pdf->Line(self::MARGIN + $tick, $y, self::MARGIN + $tick, $y - (0 === $tick % 50 ? 4 : 2.5));
        }
        $says =
            1 === $scale
                ? 'Drawn true to size, 1:1.'
                : "Drawn 1:$scale: this bar stands for ".self::BAR * $scale.' mm.';
        self::write(
            $pdf,
            self::MARGIN + self::BAR + 4,
            $y - 5,
            $across - 2 * self::MARGIN - self::BAR - 4,
            "$says Printed at 100 % the bar measures 50 mm.",
            8,
        );
    }

    /** One to how many a drawing has to be to stand in a room. */
    public static function scale(float $width, float $height, float $roomAcross, float $roomDown): int
    {
        foreach (self::SCALES as $scale) {
            if ($width / $scale <= $roomAcross && $height / $scale <= $roomDown) {
                return $scale;
            }
        }

        return (int) ceil(max($width / $roomAcross, $height / $roomDown));
    }

    public static function response(\TCPDF $pdf, string $name): Response
    {
        return new Response($pdf->Output('', 'S'), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }
}
