<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Plan\Edge;
use Yelbo\Trade\Plan\PaperGuide;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Plan\SnipPlaces;
use Yelbo\Trade\Plan\StepDrawing;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Plan\Strokes;
use Yelbo\Trade\Plan\Tiling;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Rules;

/** Drawings of steps and guides lie where the decal lies; pages cover the guide and overlap. */
final class PaperGuideTest extends TestCase
{
    /** Whatever its size: pages cover it, none is there for nothing, each meets its neighbours in the overlap. */
    public function testPagesCoverTheGuide(): void
    {
        $random = new Randomizer(new Mt19937(16));
        for ($nth = 0; $nth < 300; ++$nth) {
            $frame = new Box(
                $random->getInt(-90_000, 0),
                $random->getInt(-90_000, 0),
                $random->getInt(5_000, 1_400_000),
                $random->getInt(5_000, 1_400_000),
            );
            [$wide, $high, $overlap] = [186_000, 251_000, $random->getInt(0, 40_000)];
            $tiling = Tiling::of($frame, $wide, $high, $overlap);
            self::assertCount($tiling->columns * $tiling->rows, $tiling->pages);
            $first = $tiling->pages[0];
            $last = $tiling->pages[\count($tiling->pages) - 1];
            self::assertTrue($first->around($last)->holds($frame), 'nothing of it is lost');
            self::assertSame($frame->width() <= $wide, 1 === $tiling->columns);
            self::assertLessThan(
                max($wide, $frame->width() + $wide - $overlap) + 1,
                $last->right - $first->left,
                'no page for nothing',
            );
            self::assertSame($frame->height() <= $high, 1 === $tiling->rows);
            foreach ($tiling->pages as $at => $page) {
                self::assertSame([$wide, $high], [$page->width(), $page->height()]);
                if (0 < $at % $tiling->columns) {
                    self::assertSame($overlap, $tiling->pages[$at - 1]->right - $page->left);
                }
            }
            foreach ($tiling->crosses as [$x, $y]) {
                $on = array_filter(
                    $tiling->pages,
                    static fn (Box $page): bool => $page->holds(new Box($x, $y, $x, $y)),
                );
                self::assertGreaterThan(1, \count($on), 'a cross is on every page it joins');
            }
        }
    }

    public function testTapeIsSnippedWhereNoFilmLies(): void
    {
        self::assertSame(
            [15_000, 45_000],
            SnipPlaces::of(SvgPath::read('M0 0H10V20H0ZM20 5H40V9H20ZM25 12H38V20H25ZM50 0H60V20H50Z')),
        );
        self::assertSame([], SnipPlaces::of(SvgPath::read('M0 0H10V20H0ZM5 25H20V30H5Z')), 'they lie below each other');
        $decal = WorkPlanTest::decal(['shape' => Shape::Ball, 'gaps' => [60_000, 120_000], 'count' => 5]);
        $steps = WorkPlan::for($decal, Rules::standard())->keyed();
        self::assertStringContainsString('the 2 gaps', $steps['snip']->how);
        self::assertStringContainsString('5 parts', $steps['look-over']->how);
        $drawing = StepDrawing::of($steps['snip'], $decal, SvgPath::read('M0 0H1V1Z'), Rules::standard());
        self::assertSame(
            ['M60 -8L60 0', 'M60 68L60 60', 'M120 -8L120 0', 'M120 68L120 60'],
            array_column(\array_slice($drawing->marks ?? [], 1), 'path'),
        );
    }

    public function testAGuideShowsEdgesArtAndCuts(): void
    {
        $decal = WorkPlanTest::decal([
            'left' => Length::millimetres(-20),
            'top' => Length::millimetres(-20),
            'edge' => Edge::Folded,
        ]);
        $outline = SvgPath::read('M0 0H360V120H0Z');
        $guide = PaperGuide::of($decal, $outline, [SvgPath::read('M-20 -20H160V40H-20Z')], true);
        self::assertSame([-25_000, -25_000], [$guide->frame->left, $guide->frame->top], 'film reaches over the edge');
        $roles = array_count_values(array_column($guide->marks, 'role'));
        self::assertSame(
            [Strokes::OBJECT => 1, Strokes::ART => 1, Strokes::LINE => 2, Strokes::CUT => 4],
            $roles,
        );
        $cuts = array_filter($guide->marks, static fn (array $mark): bool => Strokes::CUT === $mark['role']);
        self::assertSame('M-20 -20L0 0', array_values($cuts)[0]['path'], 'from the edge of the film to the corner');
        $parts = [new CutPart(1, new Box(0, 0, 90_000, 60_000)), new CutPart(2, new Box(85_000, 0, 180_000, 60_000))];
        $inParts = PaperGuide::of(WorkPlanTest::decal(['parts' => $parts]), $outline, [], true);
        $boxes = array_filter($inParts->marks, static fn (array $mark): bool => Strokes::FIGURE === $mark['role']);
        self::assertSame(
            ['M90 30H180V90H90Z', 'M175 30H270V90H175Z'],
            array_column($boxes, 'path'),
            'where each part goes',
        );
        $near = PaperGuide::of($decal, $outline, [], false);
        self::assertSame(240_000, $near->frame->width(), 'what lies round the art');
    }

    /** Of every kind of step, on every shape: what is drawn lies in its frame. */
    public function testStepsAreDrawnInTheirFrames(): void
    {
        $drawn = [];
        foreach (Shape::cases() as $shape) {
            foreach (Edge::cases() as $edge) {
                foreach ([90, 480] as $wide) {
                    $decal = WorkPlanTest::decal(['shape' => $shape, 'edge' => $edge, 'hinge' => 60_000], $wide);
                    $object = new Box(
                        0,
                        0,
                        $decal->on->size->width->micrometres,
                        $decal->on->size->height->micrometres,
                    );
                    $outline = $object->region();
                    foreach (WorkPlan::for($decal, Rules::standard())->keyed() as $step) {
                        $drawing = StepDrawing::of($step, $decal, $outline, Rules::standard());
                        if (null === $drawing) {
                            continue;
                        }
                        foreach ($drawing->marks as $mark) {
                            preg_match_all('~[ML](-?[\d.]+) (-?[\d.]+)~', $mark['path'], $spots, \PREG_SET_ORDER);
                            foreach ($spots as [, $x, $y]) {
                                self::assertTrue(
                                    $drawing->frame->holds(
                                        new Box(...array_map(
                                            static fn (string $mm): int => (int) (1000 * (float) $mm),
                                            [$x, $y, $x, $y],
                                        )),
                                    ),
                                    "{$step->kind->value}: {$mark['role']} at $x, $y",
                                );
                            }
                            $drawn[$step->kind->value] = true;
                        }
                    }
                }
            }
        }
        foreach ([
            StepKind::Tape,
            StepKind::MarkMiddle,
            StepKind::Position,
            StepKind::Hinge,
            StepKind::ReliefCut,
        ] as $kind) {
            self::assertArrayHasKey($kind->value, $drawn);
        }
    }
}
