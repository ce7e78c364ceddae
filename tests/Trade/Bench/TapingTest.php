<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Bench;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\TapeKind;
use Yelbo\Trade\Bench\TapeRoll;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Tape as a bench takes it. Source: handbook section 10. */
final class TapingTest extends TestCase
{
    /** @return iterable<string, array{int, Film, Usage, Material|null, bool, string, string|null}> */
    public static function choices(): iterable
    {
        yield 'a small name' => [120, Film::Permanent, Usage::Outdoor, null, false, 'clear', null];
        yield 'as large as clear goes' => [300, Film::Permanent, Usage::Outdoor, null, false, 'clear', null];
        yield 'larger' => [301, Film::Permanent, Usage::Outdoor, null, false, 'paper', null];
        yield 'delicate' => [120, Film::Permanent, Usage::Indoor, null, true, 'paper', null];
        yield 'glitter, however large' => [500, Film::Glitter, Usage::Indoor, null, true, 'strong', null];
        yield 'printed' => [80, Film::Printable, Usage::Indoor, null, false, 'paper', null];
        yield 'on fresh paint' => [80, Film::Permanent, Usage::Indoor, Material::Painted, false, 'paper', null];
        yield 'on a wall' => [80, Film::Removable, Usage::Indoor, Material::Wall, false, 'paper', null];
        yield 'a small one on a car' => [150, Film::Cast, Usage::Vehicle, Material::Vehicle, false, 'clear', 'paper'];
        yield 'a large one on a car' => [420, Film::Cast, Usage::Vehicle, null, false, 'paper', 'clear'];
    }

    #[DataProvider('choices')]
    public function testTheTapeForTheWork(
        int $longer,
        Film $film,
        Usage $use,
        ?Material $on,
        bool $delicate,
        string $kind,
        ?string $other,
    ): void {
        $choice = TapeChoice::for(1000 * $longer, $film, $use, $on, $delicate, Rules::standard());
        self::assertSame([$kind, $other], [$choice->kind->value, $choice->other[0]->value ?? null]);
        self::assertStringEndsWith('.', $choice->why);
    }

    /** Two schools for vehicles: the shop's own is taken, the other one told. */
    public function testTheShopsOwnSchool(): void
    {
        foreach ([[1, 'clear', 'paper'], [2, 'paper', 'clear']] as [$school, $kind, $other]) {
            foreach ([120_000, 900_000] as $longer) {
                $rules = Rules::standard()->with(Rule::VehicleTape, $school);
                $choice = TapeChoice::for($longer, Film::Cast, Usage::Vehicle, null, false, $rules);
                self::assertSame([$kind, $other], [$choice->kind->value, $choice->other[0]->value ?? null]);
            }
        }
    }

    public function testStripsCoverOverlapAndAreAsFewAsCanBe(): void
    {
        mt_srand(20_261_127);
        $rules = Rules::standard();
        for ($nth = 0; $nth < 200; ++$nth) {
            $art = Size::millimetres(mt_rand(10, 1800), mt_rand(10, 900));
            $use = 0 === $nth % 3 ? Usage::Vehicle : Usage::Outdoor;
            $longer = max($art->width->micrometres, $art->height->micrometres);
            $choice = TapeChoice::for($longer, Film::Permanent, $use, null, false, $rules);
            $rolls = array_map(
                static fn (int $width): TapeRoll => new TapeRoll($choice->kind, 1000 * $width),
                [mt_rand(40, 200), mt_rand(200, 620)],
            );
            $taping = Taping::of($art, $choice, $use, $rolls, $rules);
            $hinge = Usage::Vehicle === $use || $longer > 300_000 ? 60_000 : 0;
            self::assertSame($hinge, $taping->hinge);
            $all = new Box(-8000, -8000 - $hinge, $art->width->micrometres + 8000, $art->height->micrometres + 8000);
            $laid = Geos::union(array_map(static fn (Box $strip): Region => $strip->region(), $taping->strips));
            self::assertEqualsWithDelta($all->region()->area(), $laid->area(), 0.001, 'covered, and nothing beside it');
            $least = \INF;
            foreach ($rolls as $roll) {
                foreach ([$all->width(), $all->height()] as $side) {
                    $fewer = $side <= $roll->width ? 1 : ceil(($side - 12_000) / ($roll->width - 12_000));
                    $least = min($least, $fewer);
                }
            }
            self::assertSame((int) $least, \count($taping->strips));
            foreach ($taping->strips as $at => $strip) {
                self::assertLessThanOrEqual($taping->roll->width, min($strip->width(), $strip->height()));
                if ($at > 0) {
                    $common = $strip->common($taping->strips[$at - 1]);
                    self::assertGreaterThanOrEqual(12_000, min($common->width(), $common->height()));
                }
            }
            self::assertGreaterThan(0, $taping->length());
        }
    }

    public function testWhatIsMissingIsNamed(): void
    {
        $rules = Rules::standard();
        $choice = TapeChoice::for(90_000, Film::Glitter, Usage::Indoor, null, false, $rules);
        $this->expectExceptionObject(
            new Refused(
                'no-tape',
                'There is no strong clear tape among the rolls. Glitter is textured: only the strong tape holds it.',
                '/rolls',
            ),
        );
        Taping::of(
            Size::millimetres(90, 40),
            $choice,
            Usage::Indoor,
            [new TapeRoll(TapeKind::Clear, 300_000)],
            $rules,
        );
    }
}
