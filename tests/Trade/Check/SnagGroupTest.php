<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Rules;

final class SnagGroupTest extends TestCase
{
    public function testOneKindIsToldOnceWithTheWorstAndEverySpot(): void
    {
        $dots = implode(
            '',
            array_map(
                static fn (int $nth): string => \sprintf(
                    'M%d 30h%.1Fv%.1Fh-%.1FZ',
                    10 * $nth,
                    1.9 - $nth / 10,
                    1.9 - $nth / 10,
                    1.9 - $nth / 10,
                ),
                range(0, 4),
            ),
        );
        $snags = (new Cutability(Film::Permanent->limits(Rules::standard())))->snags(
            SvgPath::read("M0 0H60V20H0Z$dots"),
            20_000,
        );
        $groups = SnagGroup::all($snags);
        self::assertCount(1, $groups);
        self::assertSame(['small-island', 5, 1500], [$groups[0]->code->value, $groups[0]->count, $groups[0]->found]);
        self::assertCount(5, $groups[0]->spots);
        self::assertStringStartsWith('5 parts', $groups[0]->message);
        $cures = [];
        foreach ($groups[0]->cures as $cure) {
            $cures[$cure['do']->value] = $cure;
        }
        self::assertSame(1910, $cures['drop']['by'] ?? 0, 'the figure that drops them all');
        self::assertEqualsWithDelta((20_000 * 2) / 1.5, $cures['enlarge']['capHeight'] ?? 0, 200);
        self::assertGreaterThanOrEqual(250, $cures['thicken']['by'] ?? 0);
    }

    public function testStopsComeFirstAndACureThatNotAllHaveIsNone(): void
    {
        $groups = SnagGroup::all([
            new Snag(
                SnagCode::TightGap,
                Severity::Warn,
                800,
                500,
                [0, 0],
                'A gap.',
                [['do' => Remedy::Fuse, 'by' => 800]],
            ),
            new Snag(SnagCode::SmallIsland, Severity::Stop, 2000, 900, [1, 0], 'A dot.', [
                ['do' => Remedy::Drop, 'by' => 910],
                ['do' => Remedy::Thicken, 'by' => 560],
            ]),
            new Snag(
                SnagCode::SmallIsland,
                Severity::Stop,
                2000,
                1900,
                [2, 0],
                'A dot.',
                [['do' => Remedy::Thicken, 'by' => 60]],
            ),
        ]);
        self::assertSame(
            ['small-island', 'tight-gap'],
            array_map(static fn (SnagGroup $group): string => $group->code->value, $groups),
        );
        self::assertSame([['do' => Remedy::Thicken, 'by' => 560]], $groups[0]->cures);
    }

    public function testWhatHasNoSpotStandsForItself(): void
    {
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(90, 40), Length::millimetres(0)),
            Lettering::words('bebas', 'Swift'),
            null,
            1_000,
        );
        $snags = (new DecalCheck(Rules::standard()))->judge(
            $fitted,
            Film::Removable,
            Usage::Vehicle,
            60.0,
            Material::OilyPlastic,
        );
        $codes = array_map(static fn (SnagGroup $group): string => $group->code->value, SnagGroup::all($snags));
        self::assertSame(2, array_count_values($codes)['too-small-to-read'] ?? 0, 'the letters, and the whole');
        foreach (['film-and-use', 'film-and-surface', 'register'] as $code) {
            self::assertContains($code, $codes);
        }
    }

    public function testTooLargeForTheFilmAndTooWideForTheTape(): void
    {
        $judgement = new FilmInHand(Rules::standard());
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(700, 400), Length::millimetres(0)),
            Lettering::words('bebas', 'Cox'),
        );
        $snags = self::byCode($judgement->shelf($fitted, [300_000, 600_000]));
        self::assertSame(['too-large-for-film', 'too-wide-for-tape'], array_keys($snags));
        $smaller = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(700, 400), Length::millimetres(0)),
            Lettering::words('bebas', 'Cox'),
            $snags['too-large-for-film']->cures[0]['capHeight'] ?? 0,
        );
        self::assertArrayNotHasKey(
            'too-large-for-film',
            self::byCode($judgement->shelf($smaller, [300_000, 600_000])),
            'the size it says fits',
        );
        self::assertSame(
            [],
            array_filter(
                $judgement->shelf($smaller, null),
                static fn (Snag $snag): bool => 'too-large-for-film' === $snag->code->value,
            ),
            'an empty shelf says nothing',
        );
        self::assertStringContainsString('overlap by 12 mm', $snags['too-wide-for-tape']->message);
        self::assertStringContainsString(
            'widest roll has 200 mm',
            self::byCode($judgement->shelf($fitted, null, 200_000))['too-wide-for-tape']->message,
        );
        self::assertSame([], $judgement->shelf($fitted, null, 1_000_000), 'a tape wide enough is on the shelf');
    }

    /**
     * @param list<Snag> $snags
     *
     * @return array<string, Snag>
     */
    private static function byCode(array $snags): array
    {
        return array_combine(array_map(static fn (Snag $snag): string => $snag->code->value, $snags), $snags);
    }

    public function testColoursTheBenchShouldKnowOf(): void
    {
        $judgement = new FilmInHand(Rules::standard());
        $codes = static fn (Film $film, string $swatch): array => array_map(
            static fn (Snag $snag): string => "{$snag->severity->value} {$snag->code->value}",
            $judgement->colour($film, $swatch),
        );
        self::assertSame(['note white-on-white'], $codes(Film::Permanent, '#f2f2ea'));
        self::assertSame(['note dark-film'], $codes(Film::Permanent, '#1a1a1a'));
        self::assertSame([], $codes(Film::Permanent, '#8f1f1b'));
        self::assertSame(['note patterned'], $codes(Film::Patterned, '#8f1f1b'));
        self::assertSame(
            [],
            $judgement->colour(Film::Permanent, '#f2f2ea', 'blue'),
            'on a blue liner white film is seen',
        );
        self::assertSame(
            SnagCode::Patterned,
            $judgement->colour(Film::Permanent, '#8f1f1b', 'white', true)[0]->code,
            'a brushed look runs one way too',
        );
        self::assertSame(
            ['indoors-only', null, null],
            array_map(static fn (array $case): ?string => ($judgement->outdoors(...$case)[0] ?? null)?->code->value, [
                [Usage::Outdoor, 0],
                [Usage::Indoor, 0],
                [Usage::Vehicle, null],
            ]),
        );
    }
}
