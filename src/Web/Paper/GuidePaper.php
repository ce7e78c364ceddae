<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Bench\LaidGuide;
use Yelbo\Shop\Bench\PaperGuides;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Geometry\Box;

/** A paper guide true to size, over as many pages as it takes, with a map of them and a bar to check it by. */
final readonly class GuidePaper
{
    /** mm by what the paper is called: short side, long side. */
    public const SIZES = ['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]];
    /** mm: what stands below the drawing on every page, and above it. */
    private const FOOT = 14.0;
    private const HEAD = 8.0;

    public function __construct(private PaperGuides $guides)
    {
    }

    /** @param string $paper a4 or letter */
    public function response(Piece $piece, string $paper): Response
    {
        $guide = $this->guides->laid($piece, self::room($paper, true), self::room($paper, false));
        $pdf = Paper::sheet($guide->upright, $paper, "Guide for {$piece->tag()}");
        foreach ($guide->pages as $nth => $page) {
            if ($nth > 0) {
                $pdf->AddPage();
            }
            $this->page($pdf, $piece, $guide, $nth, $page, self::across($paper, $guide->upright));
        }

        return Paper::response($pdf, self::name($piece, 'pdf'));
    }

    /** The guide as one drawing, to be cut from paper. */
    public function drawing(Piece $piece): Response
    {
        $guide = $this->guides->guide($piece, true);

        return new Response(SvgStrokes::svg($guide->frame, $guide->marks), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                self::name($piece, 'svg'),
            ),
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);
    }

    /** @return array{int, int} µm: what of a page can be printed on */
    private static function room(string $paper, bool $upright): array
    {
        [$across, $down] = self::across($paper, $upright);

        return [
            (int) round(1000 * ($across - 2 * Paper::MARGIN)),
            (int) round(1000 * ($down - 2 * Paper::MARGIN - self::FOOT - self::HEAD)),
        ];
    }

    /** @return array{float, float} mm */
    private static function across(string $paper, bool $upright): array
    {
        [$short, $long] = self::SIZES[$paper] ?? self::SIZES['a4'];

        return $upright ? [$short, $long] : [$long, $short];
    }

    /** @param array{float, float} $size of the paper, mm */
    private function page(
        \TCPDF $pdf,
        Piece $piece,
        LaidGuide $guide,
        int $nth,
        Box $page,
        array $size,
    ): void {
        [$across, $down] = $size;
        $many = \count($guide->pages);
        $pdf->ImageSVG(
            '@'.SvgStrokes::svg($page, $guide->marks),
            Paper::MARGIN,
            Paper::MARGIN + self::HEAD,
            $page->width() / 1000,
            $page->height() / 1000,
        );
        $room = $across - 2 * Paper::MARGIN;
        $what = $guide->whole ? '' : ', round the art only';
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN - 1,
            $room,
            "{$piece->tag()}, {$piece->drawn()->label()} on {$piece->item()->object()->name()}: guide$what",
            9,
            'B',
        );
        Paper::bar($pdf, 1, $across - 40, $down);
        if (1 === $many) {
            return;
        }
        Paper::write(
            $pdf,
            $across - Paper::MARGIN - 40,
            $down - Paper::MARGIN - 8,
            40 - 4.5 * $guide->columns,
            \sprintf('page %d of %d', $nth + 1, $many),
            8,
        );
        $this->map($pdf, $guide, $nth, $across, $down);
    }

    /** Which of the pages this is. */
    private function map(\TCPDF $pdf, LaidGuide $guide, int $nth, float $across, float $down): void
    {
        $pdf->setLineStyle(['width' => 0.2, 'color' => Paper::INK]);
        $wide = min(4.5, 36 / $guide->columns);
        $high = min(6.0, self::FOOT / $guide->rows);
        for ($at = 0; $at < $guide->columns * $guide->rows; ++$at) {
            $pdf->Rect(
                $across - Paper::MARGIN - $wide * ($guide->columns - $at % $guide->columns),
                $down - Paper::MARGIN - $high * ($guide->rows - intdiv($at, $guide->columns)),
                $wide,
                $high,
                $at === $nth ? 'DF' : 'D',
                [],
                Paper::INK,
            );
        }
    }

    private static function name(Piece $piece, string $ending): string
    {
        return str_replace('/', '-', strtolower($piece->tag()))."-guide.$ending";
    }
}
