<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\Bench\ShownStep;
use Yelbo\Shop\Bench\StepArt;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\CareCard;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepDrawing;

/** The steps of one thing on paper, for the customer who puts it on, and its care card. */
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

    /** What the customer does with a thing that is given away, or the bench with one that is put on here. */
    public function steps(Thing $thing): Response
    {
        $work = $this->plans->printed($thing);
        $pdf = Paper::a4(true, "Steps for {$thing->tag()}");
        $across = Paper::SHORT - 2 * Paper::MARGIN;
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN,
            $across,
            "{$thing->label()} on {$thing->item()->object()->name()}",
            15,
            'B',
        );
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN + 9,
            $across,
            "{$thing->tag()}. Laid ready: ".implode(', ', $work->needs).'.',
            9,
        );
        $y = Paper::MARGIN + 17;
        $nth = 0;
        foreach ($work->steps as $step) {
            $high = $this->height($pdf, $step);
            if ($y + $high > Paper::LONG - Paper::MARGIN) {
                $pdf->AddPage();
                $y = Paper::MARGIN;
            }
            $this->step($pdf, ++$nth, $step, $work->art[$step->art], \count($thing->pieces()) > 1, $y);
            $y += $high;
        }
        $this->after($pdf, $thing, $work->after, $y);

        return Paper::response($pdf, self::name($thing, 'steps'));
    }

    /** A card that goes with every thing. */
    public function careCard(Thing $thing): Response
    {
        $pdf = Paper::a4(true, "Care of {$thing->tag()}");
        [$wide, $high] = self::CARD;
        [$x, $y] = [Paper::MARGIN, Paper::MARGIN];
        $pdf->setLineStyle(['width' => 0.1, 'dash' => '1,1', 'color' => Paper::INK]);
        $pdf->Rect($x, $y, $wide, $high);
        $pdf->setLineStyle(['width' => 0.25, 'dash' => 0, 'color' => Paper::INK]);
        Paper::write(
            $pdf,
            $x + 6,
            $y + 6,
            $wide - 12,
            "{$thing->label()} on {$thing->item()->object()->name()}",
            13,
            'B',
        );
        Paper::write($pdf, $x + 6, $y + 14, $wide - 12, implode(', ', $thing->films()->names()), 9);
        $care = implode("\n", $this->care->ofThing($thing, true));
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
        Paper::write($pdf, $x + 6, $y + $high - 8, $wide - 12, $thing->tag(), 8);

        return Paper::response($pdf, self::name($thing, 'care'));
    }

    private function height(\TCPDF $pdf, ShownStep $shown): float
    {
        Paper::letters($pdf, '', 9.5, self::says($shown->step));
        $lines = $pdf->getNumLines(self::says($shown->step), $this->room($shown->drawing));

        return max(null === $shown->drawing ? 0.0 : 34.0, 8 + 4.6 * $lines) + 3;
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

    /** @param bool $named whether it is said with which film it is done */
    private function step(\TCPDF $pdf, int $nth, ShownStep $shown, StepArt $art, bool $named, float $y): void
    {
        [$step, $drawing] = [$shown->step, $shown->drawing];
        $film = $named && null !== $shown->piece
            ? " ({$shown->piece->tag()}, ".mb_strtolower($shown->piece->film()->colour()).')'
            : '';
        $x = Paper::MARGIN;
        Paper::write($pdf, $x, $y, 8, (string) $nth, 13, 'B');
        Paper::write($pdf, $x + 9, $y, $this->room($drawing), $step->title.$film, 12, 'B');
        Paper::letters($pdf, '', 9.5, self::says($step));
        $pdf->MultiCell($this->room($drawing), 4.6, self::says($step), 0, 'L', false, 1, $x + 9, $y + 7.5);
        if (null !== $drawing) {
            $this->picture($pdf, $drawing, $art, $y);
        }
    }

    private function picture(\TCPDF $pdf, StepDrawing $drawing, StepArt $art, float $y): void
    {
        $frame = $drawing->frame;
        $scale = max($frame->width() / 1000 / self::PICTURE, $frame->height() / 1000 / 30);
        $by = [$drawing->art[0] - $art->from[0], $drawing->art[1] - $art->from[1]];
        $films = array_map(
            fn (array $film): array => [
                'role' => SvgStrokes::ART,
                'path' => SvgPath::write($this->outlines->region($film[0])->moved(...$by)),
            ],
            $art->films,
        );
        $under = array_filter(
            $drawing->marks,
            static fn (array $mark): bool => \in_array($mark['role'], SvgStrokes::UNDER, true),
        );
        $marks = [...array_values($under), ...$films, ...array_values(array_diff_key($drawing->marks, $under))];
        $pdf->ImageSVG(
            '@'.SvgStrokes::svg($frame, $marks, $scale),
            Paper::SHORT - Paper::MARGIN - self::PICTURE,
            $y,
            $frame->width() / 1000 / $scale,
            $frame->height() / 1000 / $scale,
        );
    }

    private function after(\TCPDF $pdf, Thing $thing, string $after, float $y): void
    {
        $says = implode("\n", array_filter([$after, ...$this->care->ofThing($thing, false)]));
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

    private static function name(Thing $thing, string $what): string
    {
        return str_replace(['/', '–'], '-', strtolower($thing->tag()))."-$what.pdf";
    }
}
