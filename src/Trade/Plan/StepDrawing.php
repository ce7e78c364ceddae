<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rules;

/**
 * A small drawing of a step to scale: boxes and lines by what they mean, in mm. The art itself is drawn where `art`
 * says.
 * Source: handbook sections 10 and 11.
 *
 * @phpstan-type Mark array{role: string, path: string}
 */
final readonly class StepDrawing
{
    public const TAPE = 'tape';
    public const OBJECT = 'object';
    public const LINE = 'line';
    public const FIGURE = 'figure';
    public const WAY = 'way';
    public const CUT = 'cut';
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

    /** None of a step that shows nothing of this decal. */
    public static function of(Step $step, Decal $decal, Rules $rules): ?self
    {
        return match ($step->kind) {
            StepKind::Tape, StepKind::BurnishTape, StepKind::Burnish => self::onTape($decal, [
                ...StepKind::Burnish === $step->kind ? [] : [self::box(self::TAPE, $decal->cover)],
                ...self::hinge($step, $decal),
                ...self::outwards(self::art($decal), true),
            ]),
            StepKind::Trim => self::onTape($decal, [
                self::box(self::TAPE, $decal->cover),
                self::box(self::CUT, $decal->cover),
            ]),
            StepKind::MarkMiddle => self::onTape($decal, [
                self::box(self::TAPE, $decal->cover),
                ...self::cross($decal->cover, self::art($decal)),
            ]),
            StepKind::MarkPlace => self::onObject($decal, [self::foot($decal)]),
            StepKind::Position => self::onObject($decal, self::distances($decal), self::told($decal)),
            StepKind::Hinge => self::onObject($decal, [
                self::masking($decal, Placed::hingesInTheMiddle($decal, $rules)),
            ]),
            StepKind::Snip, StepKind::RubDown => self::onObject($decal, self::outwards(self::there($decal), false)),
            StepKind::ReliefCut => self::onObject($decal, self::reliefs($decal)),
            StepKind::TrimEdge => self::onObject($decal, [
                self::box(self::CUT, new Box(0, 0, ...self::size($decal))),
            ]),
            StepKind::LookOver, StepKind::Coat, StepKind::Rest => self::onObject($decal, []),
            default => null,
        };
    }

    /**
     * @param list<Mark> $marks in the art's own frame
     */
    private static function onTape(Decal $decal, array $marks): self
    {
        return new self($decal->cover->grown(2000), [0, 0], $marks, []);
    }

    /**
     * @param list<Mark>                                    $marks
     * @param list<array{text: string, x: float, y: float}> $texts
     */
    private static function onObject(Decal $decal, array $marks, array $texts = []): self
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
            [self::box(self::OBJECT, new Box(0, 0, $wide, $high)), ...$marks],
            $texts,
        );
    }

    /** @return array{int, int} */
    private static function size(Decal $decal): array
    {
        return [$decal->object->width->micrometres, $decal->object->height->micrometres];
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
        $from = $decal->cover->top + $decal->hinge;

        return 0 === $decal->hinge || StepKind::Burnish === $step->kind
            ? []
            : [self::line(self::LINE, $decal->cover->left, $from, $decal->cover->right, $from)];
    }

    /**
     * From the middle outwards, both ways.
     *
     * @return list<Mark>
     */
    private static function outwards(Box $art, bool $always): array
    {
        $across = $art->width() >= $art->height();
        $arm = (int) (self::ARROW * max($art->width(), $art->height()));
        $x = intdiv($art->left + $art->right, 2);
        $y = intdiv($art->top + $art->bottom, 2);
        $gap = intdiv($arm, 4);

        return array_map(
            static fn (int $way): array => $across
                ? self::arrow($x + $way * $gap, $y, $x + $way * ($gap + $arm), $y)
                : self::arrow($x, $y + $way * $gap, $x, $y + $way * ($gap + $arm)),
            [-1, 1],
        );
    }

    /** @return list<Mark> both centre lines, as far as the tape goes */
    private static function cross(Box $cover, Box $art): array
    {
        $x = intdiv($art->left + $art->right, 2);
        $y = intdiv($art->top + $art->bottom, 2);

        return [
            self::line(self::LINE, $cover->left, $y, $cover->right, $y),
            self::line(self::LINE, $x, $cover->top, $x, $cover->bottom),
        ];
    }

    /** @return Mark the level line at the foot of the art */
    private static function foot(Decal $decal): array
    {
        $there = self::there($decal);

        return self::line(self::LINE, 0, $there->bottom, self::size($decal)[0], $there->bottom);
    }

    /** @return list<Mark> to the edges it is measured from */
    private static function distances(Decal $decal): array
    {
        $there = self::there($decal);
        $x = intdiv($there->left + $there->right, 2);
        $y = intdiv($there->top + $there->bottom, 2);

        return Shape::Ball === $decal->shape || Edge::Within !== $decal->edge
            ? self::cross(new Box(0, 0, ...self::size($decal)), $there)
            : [
                self::line(self::FIGURE, 0, $y, $there->left, $y),
                self::line(self::FIGURE, $x, 0, $x, $there->top),
            ];
    }

    /** @return list<array{text: string, x: float, y: float}> */
    private static function told(Decal $decal): array
    {
        $there = self::there($decal);
        $x = intdiv($there->left + $there->right, 2);
        $y = intdiv($there->top + $there->bottom, 2);

        return Shape::Ball === $decal->shape || Edge::Within !== $decal->edge
            ? []
            : [
                ['text' => $decal->left->inMetric(), 'x' => $there->left / 2000, 'y' => $y / 1000],
                ['text' => $decal->top->inMetric(), 'x' => $x / 1000, 'y' => $there->top / 2000],
            ];
    }

    /** @return Mark along the top, or down the middle of what is large */
    private static function masking(Decal $decal, bool $middle): array
    {
        $there = self::there($decal)->grown(-$decal->cover->left);
        $strip = (int) (max($there->width(), $there->height()) / 14);
        if (!$middle) {
            return self::box(
                self::TAPE,
                new Box($there->left, $there->top - $strip, $there->right, $there->top + intdiv($strip, 2)),
            );
        }
        $x = intdiv($there->left + $there->right - $strip, 2);

        return self::box(self::TAPE, new Box($x, $there->top, $x + $strip, $there->bottom));
    }

    /** @return list<Mark> from the edge of the film to each corner */
    private static function reliefs(Decal $decal): array
    {
        [$wide, $high] = self::size($decal);
        $over = $decal->overhang()->micrometres;

        return 4 !== $decal->corners
            ? []
            : [
                self::line(self::CUT, -$over, -$over, 0, 0),
                self::line(self::CUT, $wide + $over, -$over, $wide, 0),
                self::line(self::CUT, $wide + $over, $high + $over, $wide, $high),
                self::line(self::CUT, -$over, $high + $over, 0, $high),
            ];
    }

    /** @return Mark */
    private static function box(string $role, Box $box): array
    {
        return [
            'role' => $role,
            'path' => \sprintf(
                'M%s %sH%sV%sH%sZ',
                $box->left / 1000,
                $box->top / 1000,
                $box->right / 1000,
                $box->bottom / 1000,
                $box->left / 1000,
            ),
        ];
    }

    /** @return Mark */
    private static function line(string $role, int $x, int $y, int $toX, int $toY): array
    {
        return [
            'role' => $role,
            'path' => \sprintf('M%s %sL%s %s', $x / 1000, $y / 1000, $toX / 1000, $toY / 1000),
        ];
    }

    /** @return Mark */
    private static function arrow(int $x, int $y, int $toX, int $toY): array
    {
        $back = hypot($toX - $x, $toY - $y) / 4;
        $angle = atan2($toY - $y, $toX - $x);
        $tip = static fn (float $turn): string => \sprintf(
            '%.2f %.2f',
            ($toX - $back * cos($angle + $turn)) / 1000,
            ($toY - $back * sin($angle + $turn)) / 1000,
        );

        return [
            'role' => self::WAY,
            'path' => self::line(self::WAY, $x, $y, $toX, $toY)['path'].
                \sprintf('M%sL%s %sL%s', $tip(0.5), $toX / 1000, $toY / 1000, $tip(-0.5)),
        ];
    }
}
