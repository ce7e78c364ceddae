<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Rules;

/**
 * A small drawing of a step to scale: boxes and lines by what they mean, in mm. The art itself is drawn where `art`
 * says. Source: handbook sections 10 and 11.
 *
 * @phpstan-import-type Mark from Strokes
 */
final readonly class StepDrawing
{
    /** Of what is measured: arrows are so long, of its longer side. */
    private const ARROW = 0.22;

    /**
     * @param Box                                             $frame all that is shown, µm
     * @param array{int, int}                                 $art   where the art's left top lies in it, µm
     * @param list<Mark>                                      $marks from bottom to top, mm
     * @param list<array{text: string, x: float, y: float}>   $texts where a figure stands, mm
     */
    private function __construct(public Box $frame, public array $art, public array $marks, public array $texts)
    {
    }

    /**
     * None of a step that shows nothing of this decal.
     *
     * @param Region $outline of the object laid flat
     */
    public static function of(Step $step, Decal $decal, Region $outline, Rules $rules): ?self
    {
        return match ($step->kind) {
            StepKind::Tape, StepKind::BurnishTape, StepKind::Burnish => self::onTape($decal, [
                ...StepKind::Burnish === $step->kind ? [] : [Strokes::box(Strokes::TAPE, $decal->tape->cover)],
                ...self::hinge($step, $decal),
                ...self::outwards(self::art($decal)),
            ]),
            StepKind::Trim => self::onTape($decal, [
                Strokes::box(Strokes::TAPE, $decal->tape->cover),
                Strokes::box(Strokes::CUT, $decal->tape->cover),
            ]),
            StepKind::MarkMiddle => self::onTape($decal, [
                Strokes::box(Strokes::TAPE, $decal->tape->cover),
                ...Strokes::cross($decal->tape->cover, self::art($decal)),
            ]),
            StepKind::MarkPlace => self::onObject($decal, $outline, [self::foot($decal)]),
            StepKind::Position => self::onObject($decal, $outline, self::distances($decal), self::told($decal)),
            StepKind::Hinge => self::onObject($decal, $outline, [
                self::masking($decal, PlacedByFigures::hingesInTheMiddle($decal, $rules)),
            ]),
            StepKind::Snip => self::onTape($decal, [
                Strokes::box(Strokes::TAPE, $decal->tape->cover),
                ...self::snips($decal),
            ]),
            StepKind::RubDown => self::onObject($decal, $outline, [
                ...self::outwards(self::there($decal)),
                ...self::bubbles($decal),
            ]),
            StepKind::Seam => self::onObject($decal, $outline, self::seams($decal)),
            StepKind::CountLoose => self::onTape($decal, [Strokes::box(Strokes::TAPE, $decal->tape->cover)]),
            StepKind::ReliefCut => self::onObject($decal, $outline, Strokes::reliefs($decal)),
            StepKind::TrimEdge => self::onObject($decal, $outline, [
                ['role' => Strokes::CUT, 'path' => SvgPath::write($outline)],
            ]),
            StepKind::LookOver, StepKind::Coat, StepKind::Rest => self::onObject($decal, $outline, []),
            default => null,
        };
    }

    /**
     * @param list<Mark> $marks in the art's own frame
     */
    private static function onTape(Decal $decal, array $marks): self
    {
        return new self($decal->tape->cover->grown(2000), [0, 0], $marks, []);
    }

    /**
     * @param list<Mark>                                    $marks
     * @param list<array{text: string, x: float, y: float}> $texts
     */
    private static function onObject(Decal $decal, Region $outline, array $marks, array $texts = []): self
    {
        [$wide, $high] = self::size($decal);
        $there = self::there($decal);
        $frame = new Box(
            min(0, $there->left),
            min(0, $there->top),
            max($wide, $there->right),
            max($high, $there->bottom),
        );

        return new self(
            $frame->grown((int) (max($wide, $high) / 25)),
            [$there->left, $there->top],
            [['role' => Strokes::OBJECT, 'path' => SvgPath::write($outline)], ...$marks],
            $texts,
        );
    }

    /** @return array{int, int} */
    private static function size(Decal $decal): array
    {
        return [$decal->on->size->width->micrometres, $decal->on->size->height->micrometres];
    }

    private static function art(Decal $decal): Box
    {
        return new Box(0, 0, $decal->art->width->micrometres, $decal->art->height->micrometres);
    }

    private static function there(Decal $decal): Box
    {
        return self::art($decal)->moved($decal->left->micrometres, $decal->top->micrometres);
    }

    /** @return list<Mark> */
    private static function hinge(Step $step, Decal $decal): array
    {
        $from = $decal->tape->cover->top + $decal->tape->hinge;

        return 0 === $decal->tape->hinge || StepKind::Burnish === $step->kind
            ? []
            : [Strokes::line(Strokes::LINE, $decal->tape->cover->left, $from, $decal->tape->cover->right, $from)];
    }

    /**
     * From the middle outwards, both ways.
     *
     * @return list<Mark>
     */
    private static function outwards(Box $art): array
    {
        $across = $art->width() >= $art->height();
        $arm = (int) (self::ARROW * max($art->width(), $art->height()));
        $x = intdiv($art->left + $art->right, 2);
        $y = intdiv($art->top + $art->bottom, 2);
        $gap = intdiv($arm, 4);

        return array_map(
            static fn (int $way): array => $across
                ? Strokes::arrow($x + $way * $gap, $y, $x + $way * ($gap + $arm), $y)
                : Strokes::arrow($x, $y + $way * $gap, $x, $y + $way * ($gap + $arm)),
            [-1, 1],
        );
    }

    /** @return Mark the level line at the foot of the art */
    private static function foot(Decal $decal): array
    {
        $there = self::there($decal);

        return Strokes::line(Strokes::LINE, 0, $there->bottom, self::size($decal)[0], $there->bottom);
    }

    /** @return list<Mark> rings where air stays under the film */
    private static function bubbles(Decal $decal): array
    {
        $there = self::there($decal);

        return array_map(
            static fn (array $at): array => Strokes::ring($there->left + $at[0], $there->top + $at[1], $at[2]),
            $decal->detail->solid,
        );
    }

    /** @return list<Mark> the seams film lies on, as high as the object */
    private static function seams(Decal $decal): array
    {
        $there = self::there($decal);

        return array_map(
            static fn (int $x): array => Strokes::line(
                Strokes::CUT,
                $there->left + $x,
                $there->top - 4000,
                $there->left + $x,
                $there->bottom + 4000,
            ),
            array_values(array_unique(array_column($decal->detail->onSeams, 2))),
        );
    }

    /** @return list<Mark> from both edges of the tape to the film, between letters */
    private static function snips(Decal $decal): array
    {
        $snips = [];
        foreach ($decal->detail->gaps as $x) {
            $snips[] = Strokes::line(Strokes::CUT, $x, $decal->tape->cover->top, $x, 0);
            $snips[] = Strokes::line(
                Strokes::CUT,
                $x,
                $decal->tape->cover->bottom,
                $x,
                $decal->art->height->micrometres,
            );
        }

        return $snips;
    }

    /** @return list<Mark> to the edges it is measured from */
    private static function distances(Decal $decal): array
    {
        $there = self::there($decal);
        $x = intdiv($there->left + $there->right, 2);
        $y = intdiv($there->top + $there->bottom, 2);

        return Shape::Ball === $decal->on->shape || Edge::Within !== $decal->on->edge
            ? Strokes::cross(new Box(0, 0, ...self::size($decal)), $there)
            : [
                Strokes::line(Strokes::FIGURE, 0, $y, $there->left, $y),
                Strokes::line(Strokes::FIGURE, $x, 0, $x, $there->top),
            ];
    }

    /** @return list<array{text: string, x: float, y: float}> */
    private static function told(Decal $decal): array
    {
        $there = self::there($decal);
        $x = intdiv($there->left + $there->right, 2);
        $y = intdiv($there->top + $there->bottom, 2);

        return Shape::Ball === $decal->on->shape || Edge::Within !== $decal->on->edge
            ? []
            : [
                ['text' => $decal->left->inMetric(), 'x' => $there->left / 2000, 'y' => $y / 1000],
                ['text' => $decal->top->inMetric(), 'x' => $x / 1000, 'y' => $there->top / 2000],
            ];
    }

    /** @return Mark along the top, or down the middle of what is large */
    private static function masking(Decal $decal, bool $middle): array
    {
        $there = self::there($decal)->grown(-$decal->tape->cover->left);
        $strip = (int) (max($there->width(), $there->height()) / 14);
        if (!$middle) {
            return Strokes::box(
                Strokes::TAPE,
                new Box($there->left, $there->top - $strip, $there->right, $there->top + intdiv($strip, 2)),
            );
        }
        $x = intdiv($there->left + $there->right - $strip, 2);

        return Strokes::box(Strokes::TAPE, new Box($x, $there->top, $x + $strip, $there->bottom));
    }
}
