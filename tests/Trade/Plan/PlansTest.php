<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Rules;

/**
 * The plans of 200 decals as they were read by a person, line by line, in `plans.txt`: film, shape, material, layers,
 * who, finish; the steps, minutes of hands, minutes of waiting. With YELBO_READ_PLANS=1 the file is written anew, to
 * be read again.
 */
final class PlansTest extends TestCase
{
    private const FILE = __DIR__.'/plans.txt';

    public function testPlansAreThoseThatWereRead(): void
    {
        $lines = self::lines();
        self::assertGreaterThanOrEqual(120, \count($lines));
        if (false !== getenv('YELBO_READ_PLANS')) {
            file_put_contents(self::FILE, implode("\n", $lines)."\n");
        }
        self::assertSame(explode("\n", trim((string) file_get_contents(self::FILE))), $lines);
    }

    /** @return list<string> */
    private static function lines(): array
    {
        $lines = [];
        $films = [Film::Permanent, Film::Cast, Film::Glitter, Film::Printable, Film::Cling, Film::Stencil];
        foreach ($films as $film) {
            foreach (Shape::cases() as $shape) {
                foreach ([Material::Smooth, Material::Glass, Material::Painted, Material::Vehicle] as $material) {
                    foreach ([true, false] as $here) {
                        $lines[] = self::line($film, $shape, $material, 0, $here, Finish::None);
                    }
                }
            }
        }
        foreach ([Finish::Brushed, Finish::Resin, Finish::Dishwasher] as $finish) {
            foreach ([0, 2] as $under) {
                $lines[] = self::line(Film::Permanent, Shape::Flat, Material::Smooth, $under, true, $finish);
            }
        }
        $lines[] = self::line(Film::Permanent, Shape::Flat, Material::PaintedBehind, 0, true, Finish::PaintedBehind);
        $lines[] = self::line(Film::Permanent, Shape::Flat, Material::Smooth, 2, false, Finish::None);

        return $lines;
    }

    private static function line(
        Film $film,
        Shape $shape,
        Material $material,
        int $under,
        bool $here,
        Finish $finish,
    ): string {
        $young = Material::Painted === $material;
        $plan = WorkPlan::for(
            WorkPlanTest::decal([
                'film' => $film,
                'shape' => $shape,
                'material' => $material,
                'use' => Material::Vehicle === $material ? Usage::Vehicle : Usage::Indoor,
                'appliedHere' => $here,
                'finish' => $finish,
                'under' => \array_slice(['Y-1/2', 'Y-1/3'], 0, $under),
                'young' => $young,
                'cures' => $young ? 'Sat 28 Nov, 06:00' : '',
            ]),
            Rules::standard(),
        );

        return \sprintf(
            '%s %s %s %d %s %s: %s; %s, %d',
            $film->value,
            $shape->value,
            $material->value,
            $under,
            $here ? 'here' : 'away',
            $finish->value,
            implode(' ', array_map(static fn (Step $step): string => $step->kind->value, array_values($plan->keyed()))),
            $plan->minutes(),
            $plan->waits(),
        );
    }
}
