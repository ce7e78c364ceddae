<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Plan\Decal;
use Yelbo\Trade\Plan\Edge;
use Yelbo\Trade\Plan\FilmDetail;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\OtherFilms;
use Yelbo\Trade\Plan\Precedence;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Plan\Substrate;
use Yelbo\Trade\Plan\TapePiece;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Plan\WorkRule;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** The right steps in the right order, with this decal's own figures. Source: handbook sections 10 to 13. */
final class WorkPlanTest extends TestCase
{
    /** @param array<string, mixed> $more */
    public static function decal(array $more = [], int $wide = 180, int $high = 60): Decal
    {
        $rules = Rules::standard();
        $film = $more['film'] ?? Film::Permanent;
        $use = $more['use'] ?? Usage::Indoor;
        self::assertInstanceOf(Film::class, $film);
        self::assertInstanceOf(Usage::class, $use);
        $material = $more['material'] ?? Material::Smooth;
        self::assertInstanceOf(Material::class, $material);
        $art = Size::millimetres($wide, $high);

        $of = static fn (array $names): array => array_intersect_key($more, array_flip($names));

        return new Decal(...[
            'film' => $film,
            'use' => $use,
            'on' => new Substrate(...[
                'shape' => Shape::Flat,
                'size' => $more['object'] ?? Size::millimetres(2 * $wide, 2 * $high),
                'material' => $material,
                ...$of(['shape', 'inside', 'edge', 'corners', 'cures', 'young', 'level', 'along', 'features']),
            ]),
            'art' => $art,
            'left' => Length::millimetres($wide / 2),
            'top' => Length::millimetres($high / 2),
            'tape' => new TapePiece(...[
                'choice' => TapeChoice::for(1000 * max($wide, $high), $film, $use, $material, false, $rules),
                'cover' => Taping::cover($art, $use, $rules),
                ...$of(['cover', 'hinge', 'strips']),
            ]),
            'detail' => new FilmDetail(...$of(['parts', 'count', 'gaps', 'loose', 'solid', 'onSeams'])),
            'others' => new OtherFilms(...$of(['under', 'beside', 'films'])),
            ...$of(['art', 'left', 'top', 'appliedHere', 'finish', 'care']),
        ]);
    }

    /** @return list<string> */
    private static function kinds(Decal $decal): array
    {
        return array_map(
            static fn (Step $step): string => $step->kind->value,
            array_values(WorkPlan::for($decal, Rules::standard())->keyed()),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function cases(): iterable
    {
        $begin = 'burnish tape burnish-tape trim mark-middle';
        $on = 'peel-liner rub-down peel-tape look-over';
        yield 'one film, applied here' => [[], "$begin clean position hinge $on rest"];
        yield 'given away' => [
            ['appliedHere' => false],
            "$begin leave-on-liner test-scrap pack-flat care-card",
        ];
        yield 'two layers under it' => [
            ['under' => ['Y-0401/2', 'Y-0401/3']],
            "burnish tape burnish-tape join-layer join-layer trim mark-middle clean position hinge $on rest",
        ];
        yield 'in parts' => [
            ['parts' => [new CutPart(1, new Box(0, 0, 90, 60)), new CutPart(2, new Box(100, 0, 180, 60))]],
            "burnish lay-parts tape burnish-tape trim mark-middle clean position hinge $on rest",
        ];
        yield 'on a mug' => [
            ['shape' => Shape::Round],
            "$begin clean mark-place position $on rest",
        ];
        yield 'on a ball' => [
            ['shape' => Shape::Ball],
            "$begin clean mark-place position peel-liner snip rub-down peel-tape look-over rest",
        ];
        yield 'cling on a pane' => [
            ['film' => Film::Cling, 'material' => Material::Glass],
            'burnish clean position wet peel-liner rub-down look-over',
        ];
        yield 'a stencil' => [
            ['film' => Film::Stencil, 'material' => Material::Raw],
            "$begin clean position hinge peel-liner rub-down peel-tape dab-paint lift-stencil look-over rest",
        ];
        yield 'on fresh paint' => [
            ['material' => Material::Painted, 'cures' => 'Sat 28 Nov, 06:00', 'young' => true],
            "$begin paint-cures clean position hinge $on rest",
        ];
        yield 'sealed' => [['finish' => Finish::Brushed], "$begin clean position hinge $on coat coat rest"];
        yield 'painted behind' => [
            ['finish' => Finish::PaintedBehind, 'material' => Material::PaintedBehind],
            "$begin clean position hinge $on paint-behind paint-behind rest",
        ];
        yield 'trimmed when it is on' => [
            ['edge' => Edge::Trimmed],
            "$begin clean position hinge peel-liner rub-down peel-tape trim-edge look-over rest",
        ];
        yield 'over an edge' => [
            ['edge' => Edge::Folded],
            "$begin clean position hinge peel-liner rub-down relief-cut peel-tape look-over rest",
        ];
    }

    /** @param array<string, mixed> $more */
    #[DataProvider('cases')]
    public function testThePlainCases(array $more, string $expected): void
    {
        self::assertSame($expected, implode(' ', self::kinds(self::decal($more))));
    }

    /** Whatever film, surface, object, layers, person and finish: nothing comes before what it needs. */
    public function testEveryCombinationKeepsToTheOrder(): void
    {
        $count = 0;
        foreach (Film::cases() as $film) {
            foreach (Shape::cases() as $shape) {
                foreach ([Material::Smooth, Material::Glass, Material::Painted, Material::Vehicle] as $material) {
                    foreach ([true, false] as $here) {
                        foreach ([Finish::None, Finish::Sprayed, Finish::Resin] as $finish) {
                            foreach ([[], ['Y-1/2', 'Y-1/3']] as $under) {
                                $young = Material::Painted === $material;
                                $this->read(self::decal([
                                    'film' => $film,
                                    'shape' => $shape,
                                    'material' => $material,
                                    'appliedHere' => $here,
                                    'finish' => $finish,
                                    'under' => Film::Cling === $film ? [] : $under,
                                    'young' => $young,
                                    'cures' => $young ? 'Sat 28 Nov, 06:00' : '',
                                    'care' => ['Wait 72 h.'],
                                ], 90 + 40 * ($count % 9)));
                                ++$count;
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(120, $count);
    }

    private function read(Decal $decal): void
    {
        $plan = WorkPlan::for($decal, Rules::standard());
        $kinds = array_map(static fn (Step $step): StepKind => $step->kind, array_values($plan->keyed()));
        $at = static fn (StepKind $kind): int => (int) array_search($kind, $kinds, true);
        $has = static fn (StepKind $kind): bool => \in_array($kind, $kinds, true);
        foreach (Precedence::all() as [$first, $then]) {
            if ($has($first) && $has($then)) {
                foreach (array_keys($kinds, $first, true) as $each) {
                    self::assertLessThan($at($then), $each, "$first->value before $then->value");
                }
            }
        }
        // Every layer is on the tape once, and none that is not there.
        self::assertCount(\count($decal->others->under), array_keys($kinds, StepKind::JoinLayer, true));
        // The liner comes off once, and only where it is put on.
        self::assertCount($decal->appliedHere ? 1 : 0, array_keys($kinds, StepKind::PeelLiner, true));
        self::assertSame($decal->appliedHere, $has(StepKind::Position));
        self::assertSame(!$decal->appliedHere, $has(StepKind::CareCard));
        self::assertSame('' !== $decal->on->cures && $decal->appliedHere, $has(StepKind::PaintCures));
        // Tape that is laid comes off again, where it is put on.
        self::assertSame($has(StepKind::Tape) && $decal->appliedHere, $has(StepKind::PeelTape));
        // Film rests three days from when it was put on, whatever dries meanwhile; what is on a vehicle rests there.
        $coats = array_sum(array_map(
            static fn (Step $step): int => StepKind::Coat === $step->kind ? $step->wait : 0,
            array_values($plan->keyed()),
        ));
        self::assertSame(
            match (true) {
                !$decal->appliedHere, Film::Cling === $decal->film => $coats,
                Film::Stencil === $decal->film => 12 * 60 + $coats,
                $decal->isElsewhere() => $coats,
                default => max(72 * 60, $coats),
            },
            $plan->waits(),
        );
        self::assertGreaterThan(0, $plan->minutes());
        $said = '';
        foreach (array_values($plan->keyed()) as $step) {
            self::assertNotSame('', $step->title.$step->how);
            self::assertGreaterThanOrEqual(0, $step->minutes);
            $said .= "$step->how ".implode(' ', $step->needs).' ';
        }
        if (Film::Cling === $decal->film) {
            self::assertStringNotContainsStringIgnoringCase('alcohol', $said, 'cling needs none');
        }
        if ($decal->on->young) {
            self::assertStringNotContainsString('alcohol, lint-free', $said, 'no alcohol on young paint');
        }
        if (Shape::Ball === $decal->on->shape) {
            self::assertStringNotContainsString('left edge', $said);
        }
        if (!$has(StepKind::Tape)) {
            self::assertDoesNotMatchRegularExpression('~(?<!masking )\btape\b~i', $said);
        }
    }

    /** The table of what comes before what has no circle in it: all kinds at once can be put in order. */
    public function testTheOrderHasNoCircle(): void
    {
        $all = array_map(
            static fn (StepKind $kind): Step => new Step($kind, $kind->value, 'x'),
            array_reverse(StepKind::cases()),
        );
        self::assertCount(\count(StepKind::cases()), Precedence::ordered($all));
    }

    public function testFiguresAreThisDecals(): void
    {
        $plan = WorkPlan::for(self::decal(['hinge' => 60_000], 400, 120), Rules::standard());
        $by = array_column(
            array_map(static fn (Step $step): array => [$step->kind->value, $step], array_values($plan->keyed())),
            1,
            0,
        );
        self::assertStringContainsString('416 × 196 mm', $by['tape']->how);
        self::assertStringContainsString('60 mm · 2 3/8 in of it stand over the top', $by['tape']->how);
        self::assertStringContainsString('400 mm', $by['mark-middle']->how);
        self::assertStringContainsString('art to left edge 200 mm', $by['position']->how);
        // 3 minutes and 1 for each 100 mm, and tape: 1.5 and a third for each 100 mm.
        $on = array_sum(array_map(
            static fn (string $kind): float => $by[$kind]->minutes,
            ['clean', 'position', 'hinge', 'peel-liner', 'rub-down', 'peel-tape', 'look-over'],
        ));
        self::assertEqualsWithDelta(7.0, $on, 0.01);
        $tape = array_sum(array_map(
            static fn (string $kind): float => $by[$kind]->minutes,
            ['burnish', 'tape', 'burnish-tape', 'trim', 'mark-middle'],
        ));
        self::assertEqualsWithDelta(1.5 + 4 * 0.33, $tape, 0.01);
        self::assertContains('squeegee', $plan->needs());
        self::assertSame(array_unique($plan->needs()), $plan->needs());
    }

    public function testWhatReachesOverIsTrimmedOrFolded(): void
    {
        $of = static fn (array $more): array => WorkPlan::for(self::decal($more), Rules::standard())->keyed();
        $over = ['left' => Length::millimetres(5), 'top' => Length::millimetres(-12)];
        $folded = $of(['edge' => Edge::Folded] + $over);
        self::assertStringContainsString('4 corners cut in by 12 mm', $folded['relief-cut']->how);
        self::assertStringContainsString('hangs over', $folded['position']->how);
        $round = $of(['edge' => Edge::Trimmed, 'corners' => 0]);
        self::assertStringContainsString('What reaches over', $round['trim-edge']->how);
        self::assertStringContainsString('all round', $round['trim-edge']->how);
        self::assertStringContainsString('art to left edge', $round['position']->how);
    }

    public function testLargeWorkTakesStripsAndATaperIsMeasuredAlongItsWall(): void
    {
        $tape = WorkPlan::for(self::decal(['strips' => 4], 900, 700), Rules::standard())->keyed()['tape']->how;
        self::assertStringContainsString('in 4 strips side by side, each over the one before by 12 mm', $tape);
        $steps = static fn (int $across): array => WorkPlan::for(
            self::decal(['shape' => Shape::Taper, 'along' => [$across, 46_000]]),
            Rules::standard(),
        )->keyed();
        self::assertStringContainsString('on the middle of its front', $steps(100)['mark-middle']->how);
        self::assertStringContainsString('76 mm', $steps(100)['mark-middle']->how, '46 down the wall and half the art');
        self::assertStringContainsString(
            '30 mm · 1 3/16 in to the left of the middle',
            $steps(-30_000)['mark-middle']->how,
        );
        self::assertStringContainsString('46 mm · 1 13/16 in along the wall', $steps(0)['position']->how);
    }

    /** Where an edge cannot be reached: from the two nearest features, the ways as one stands. */
    public function testItIsPlacedFromWhatCanBeReached(): void
    {
        $features = [['Lamp', -306_000, 0], ['Handle', 40_000, -25_000], ['Seam', 500_000, 0]];
        $how = WorkPlan::for(self::decal(['features' => $features]), Rules::standard())->keyed()['position']->how;
        self::assertStringContainsString(
            'From the middle of the handle 40 mm · 1 9/16 in right and 25 mm · 1 in up',
            $how,
        );
        self::assertStringContainsString('from the middle of the lamp 306 mm · 12 1/16 in left', $how);
        self::assertStringNotContainsString('seam', $how);
        $inside = self::decal(['features' => $features, 'inside' => true, 'material' => Material::Glass]);
        $how = WorkPlan::for($inside, Rules::standard())->keyed()['position']->how;
        self::assertStringContainsString('art to right edge', $how);
        self::assertStringContainsString('handle 40 mm · 1 9/16 in left', $how);
    }

    /** Two schools: each step that knows another way offers it, and that way offers the first again. */
    public function testTheOtherSchoolIsOneStepAway(): void
    {
        $decal = self::decal(['under' => ['Y-1/2', 'Y-1/3'], 'material' => Material::Glass], 420, 120);
        foreach (
            [
                [
                    'join-layer',
                    'set-down',
                    'burnish tape burnish-tape trim mark-middle clean set-down set-down position hinge peel-liner '
                        .'rub-down peel-tape look-over rest',
                ],
                [
                    'peel-liner',
                    'wet',
                    'burnish tape burnish-tape join-layer join-layer trim mark-middle clean position hinge wet '
                        .'peel-liner rub-down peel-tape look-over rest',
                ],
            ] as [$from, $to, $expected]
        ) {
            $other = WorkPlan::for($decal, Rules::standard())->keyed()[$from]->other;
            self::assertNotNull($other, $from);
            $rules = Rules::standard()->with($other->rule, $other->value);
            $plan = WorkPlan::for($decal, $rules);
            self::assertSame(
                $expected,
                implode(' ', array_map(
                    static fn (Step $step): string => $step->kind->value,
                    array_values($plan->keyed()),
                )),
            );
            $back = $plan->keyed()[$to]->other;
            self::assertNotNull($back, $to);
            self::assertSame(
                [$other->rule, Rules::standard()->value($other->rule)],
                [$back->rule, $back->value],
                'and back again',
            );
        }
        // The lowest is set down first; wet its tape waits; what is given away is joined whatever the shop does.
        $lowest = Rules::standard()->with(Rule::LayersFirst, 1);
        self::assertStringContainsString('Y-1/3', WorkPlan::for($decal, $lowest)->keyed()['set-down']->how);
        self::assertArrayHasKey('join-layer', WorkPlan::for($decal->appliedBy(false), $lowest)->keyed());
        self::assertStringContainsString(
            'goes onto the object before Y-1/1',
            (new FilmOnThing('b', $decal, 'Y-1/1'))->steps($lowest)[1]->how,
        );
        $wet = Rules::standard()->with(Rule::WetSchool, 1);
        self::assertSame(30, WorkPlan::for($decal, $wet)->keyed()['rub-down']->wait);
        $wood = self::decal(['material' => Material::Raw], 420, 120);
        self::assertArrayNotHasKey('wet', WorkPlan::for($wood, $wet)->keyed(), 'no water on wood');
        self::assertNull(WorkPlan::for($wood, $wet)->keyed()['peel-liner']->other);
        $car = self::decal(['use' => Usage::Vehicle, 'material' => Material::Vehicle], 420, 120);
        self::assertSame(1.0, WorkPlan::for($car, Rules::standard())->keyed()['tape']->other?->value);
    }

    public function testWhatHangsOnNothingIsCountedAndWhatLiesOnASeamIsCut(): void
    {
        $steps = WorkPlan::for(
            self::decal(['loose' => 3, 'onSeams' => [[2, 5, 40_000], [3, 5, 40_000]]]),
            Rules::standard(),
        )->keyed();
        $kinds = array_keys($steps);
        $at = static fn (string $kind): int => (int) array_search($kind, $kinds, true);
        self::assertStringContainsString('3 loose insides are on the tape', $steps['count-loose']->title);
        self::assertLessThan($at('rub-down'), $at('count-loose'));
        self::assertGreaterThan($at('peel-liner'), $at('count-loose'));
        self::assertStringContainsString('Parts 2 and 3 of 5 from the left', $steps['seam']->how);
        self::assertGreaterThan($at('peel-tape'), $at('seam'), 'where one sees it');
        $away = self::decal(['loose' => 3, 'onSeams' => [[2, 5, 40_000]], 'appliedHere' => false]);
        self::assertStringNotContainsString('seam', implode(' ', self::kinds($away)));
    }

    public function testEveryRuleHasANameOfItsOwn(): void
    {
        $names = array_map(static fn (WorkRule $rule): string => $rule->name(), WorkPlan::rules(Rules::standard()));
        self::assertSame(array_unique($names), $names);
        $handbook = (string) file_get_contents(__DIR__.'/../../../docs/handbook.md');
        foreach ($names as $name) {
            self::assertStringContainsString("“{$name}”", $handbook, 'the handbook names each rule');
        }
    }
}
