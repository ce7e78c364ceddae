<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\CareCard;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepDrawing;

/** The steps of one decal on paper, for the customer who puts it on, and its care card. */
final readonly class WorkPaper
{
    /** mm */
    private const PICTURE = 52.0;
    private const CARD = [105.0, 74.0];

    public function __construct(
        private WorkPlans $plans,
        private CareCard $care,
        private Outlines $outlines,
    ) {
    }

    /** What the customer does with a decal that is given away, or the bench with one that is put on here. */
    public function steps(Piece $piece): Response
    {
        $work = $this->plans->printed($piece);
        $pdf = Paper::a4(true, "Steps for {$piece->tag()}");
        $across = Paper::SHORT - 2 * Paper::MARGIN;
        Paper::write($pdf, Paper::MARGIN, Paper::MARGIN, $across, "{$piece->label()} on {$piece->item()->object()->name()}", 15, 'B');
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN + 9,
            $across,
            "{$piece->tag()}. Laid ready: ".implode(', ', $work->needs).'.',
            9,
        );
        $y = Paper::MARGIN + 17;
        $nth = 0;
        foreach ($work->steps as $name => $step) {
            $drawing = $work->drawings[$name];
            $high = $this->height($pdf, $step, $drawing);
            if ($y + $high > Paper::LONG - Paper::MARGIN) {
                $pdf->AddPage();
                $y = Paper::MARGIN;
            }
            $this->step($pdf, ++$nth, $step, $drawing, $work->art, $work->artFrom, $y);
            $y += $high;
        }
        $this->after($pdf, $piece, $work->after, $y);

        return Paper::response($pdf, self::name($piece, 'steps'));
    }

    /** A card that goes with every decal. */
    public function careCard(Piece $piece): Response
    {
        $pdf = Paper::a4(true, "Care of {$piece->tag()}");
        [$wide, $high] = self::CARD;
        [$x, $y] = [Paper::MARGIN, Paper::MARGIN];
        $pdf->setLineStyle(['width' => 0.1, 'dash' => '1,1', 'color' => Paper::INK]);
        $pdf->Rect($x, $y, $wide, $high);
        $pdf->setLineStyle(['width' => 0.25, 'dash' => 0, 'color' => Paper::INK]);
        Paper::write($pdf, $x + 6, $y + 6, $wide - 12, "{$piece->label()} on {$piece->item()->object()->name()}", 13, 'B');
        Paper::write($pdf, $x + 6, $y + 14, $wide - 12, $piece->film()->name(), 9);
        $care = implode("\n", $this->care->of($piece->item(), $piece->film(), true));
        Paper::letters($pdf, '', 10, $care);
        $pdf->MultiCell(
            $wide - 12,
            5.5,
            $care,
            0,
            'L',
            false,
            1,
            $x + 6,
            $y + 23,
        );
        Paper::write($pdf, $x + 6, $y + $high - 8, $wide - 12, $piece->tag(), 8);

        return Paper::response($pdf, self::name($piece, 'care'));
    }

    private function height(\TCPDF $pdf, Step $step, ?StepDrawing $drawing): float
    {
        Paper::letters($pdf, '', 9.5, self::says($step));
        $lines = $pdf->getNumLines(self::says($step), $this->room($drawing));

        return max(null === $drawing ? 0.0 : 34.0, 8 + 4.6 * $lines) + 3;
    }

    private function room(?StepDrawing $drawing): float
    {
        return Paper::SHORT - 2 * Paper::MARGIN - 9 - (null === $drawing ? 0.0 : self::PICTURE + 5);
    }

    private static function says(Step $step): string
    {
        $says = [$step->how];
        if (null !== $step->caution) {
            $says[] = "Mind: $step->caution";
        }
        foreach ($step->troubles as [$seen, $answer]) {
            $says[] = "$seen? $answer";
        }

        return implode("\n", $says);
    }

    /**
     * @param list<array{string, string}> $art  a hash and a colour of each film
     * @param array{int, int}             $from µm
     */
    private function step(
        \TCPDF $pdf,
        int $nth,
        Step $step,
        ?StepDrawing $drawing,
        array $art,
        array $from,
        float $y,
    ): void {
        $x = Paper::MARGIN;
        Paper::write($pdf, $x, $y, 8, (string) $nth, 13, 'B');
        Paper::write($pdf, $x + 9, $y, $this->room($drawing), $step->title, 12, 'B');
        Paper::letters($pdf, '', 9.5, self::says($step));
        $pdf->MultiCell($this->room($drawing), 4.6, self::says($step), 0, 'L', false, 1, $x + 9, $y + 7.5);
        if (null === $drawing) {
            return;
        }
        $frame = $drawing->frame;
        $scale = max($frame->width() / 1000 / self::PICTURE, $frame->height() / 1000 / 30);
        $films = array_map(
            fn (array $film): array => [
                'role' => Strokes::ART,
                'path' => SvgPath::write(
                    $this->outlines->region($film[0])->moved(
                        $drawing->art[0] - $from[0],
                        $drawing->art[1] - $from[1],
                    ),
                ),
            ],
            $art,
        );
        $under = array_filter(
            $drawing->marks,
            static fn (array $mark): bool => \in_array($mark['role'], Strokes::UNDER, true),
        );
        $pdf->ImageSVG(
            '@'.
            Strokes::svg(
                $frame,
                [...array_values($under), ...$films, ...array_values(array_diff_key($drawing->marks, $under))],
                $scale,
            ),
            Paper::SHORT - Paper::MARGIN - self::PICTURE,
            $y,
            $frame->width() / 1000 / $scale,
            $frame->height() / 1000 / $scale,
        );
    }

    private function after(\TCPDF $pdf, Piece $piece, string $after, float $y): void
    {
        $says = implode("\n", array_filter([$after, ...$this->care->of($piece->item(), $piece->film(), false)]));
        Paper::letters($pdf, '', 9.5, $says);
        $across = Paper::SHORT - 2 * Paper::MARGIN;
        if ($y + 12 + 4.6 * $pdf->getNumLines($says, $across) > Paper::LONG - Paper::MARGIN) {
            $pdf->AddPage();
            $y = Paper::MARGIN;
        }
        $pdf->Line(Paper::MARGIN, $y + 1, Paper::SHORT - Paper::MARGIN, $y + 1);
        Paper::write($pdf, Paper::MARGIN, $y + 3, $across, 'Then', 12, 'B');
        Paper::letters($pdf, '', 9.5, $says);
        $pdf->MultiCell($across, 4.6, $says, 0, 'L', false, 1, Paper::MARGIN, $y + 10.5);
    }

    private static function name(Piece $piece, string $what): string
    {
        return str_replace('/', '-', strtolower($piece->tag()))."-$what.pdf";
    }
}
