<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Rules;

final class CutabilityTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, array{float, float}}> path, code, found in mm, where */
    public static function defects(): iterable
    {
        $block = 'M0 0H40V20H0Z';
        yield 'a thin bar' => ['M0 0H40V0.7H0Z', 'thin-stroke', 0.7, [20, 0.35]];
        yield 'a thin bar between two blocks' => [
            'M0 0H10V4.6H20V0H30V10H20V5.4H10V10H0Z',
            'thin-stroke',
            0.8,
            [15, 5],
        ];
        yield 'a short neck' => ['M0 0H10V4.55H11V0H21V10H11V5.45H10V10H0Z', 'thin-stroke', 0.9, [10.5, 5]];
        yield 'a dot too small' => [$block.'M50 5H51.5V6.5H50Z', 'small-island', 1.5, [50.75, 5.75]];
        yield 'a counter too small' => ['M0 0H40V20H0ZM10 10V11H11V10Z', 'small-counter', 1.0, [10.5, 10.5]];
        yield 'two parts too near' => [$block.'M40.5 0H60V20H40.5Z', 'tight-gap', 0.5, [40.25, 10]];
    }

    /** @param array{float, float} $at */
    #[DataProvider('defects')]
    public function testFindsADefectAtItsSpot(string $path, string $code, float $found, array $at): void
    {
        $snags = array_values(
            array_filter($this->plain($path), static fn (Snag $snag): bool => $snag->code->value === $code),
        );
        self::assertNotEmpty($snags, $code);
        self::assertEqualsWithDelta($found, $snags[0]->found / 1000, 0.06);
        self::assertNotNull($snags[0]->at);
        $spot = $snags[0]->at;
        $far =
            'thin-stroke' === $code && 20.0 === $at[0]
                ? abs($spot[1] / 1000 - $at[1])
                : hypot($spot[0] / 1000 - $at[0], 'tight-gap' === $code ? 0 : $spot[1] / 1000 - $at[1]);
        self::assertLessThan(0.5, $far);
        self::assertNotEmpty($snags[0]->cures);
    }

    /** @return iterable<string, array{string}> */
    public static function clean(): iterable
    {
        yield 'a block' => ['M0 0H40V20H0Z'];
        yield 'a triangle with sharp tips' => ['M0 0L40 0L20 30Z'];
        yield 'a bar just thick enough' => ['M0 0H40V2H0Z'];
        yield 'a counter just large enough' => ['M0 0H40V20H0ZM10 10V11.3H11.3V10Z'];
        yield 'a gap just wide enough' => ['M0 0H40V20H0ZM40.9 0H60V20H40.9Z'];
    }

    #[DataProvider('clean')]
    public function testFindsNothingOnCleanArt(string $path): void
    {
        self::assertSame(
            [],
            array_map(static fn (Snag $snag): string => "{$snag->code->value} $snag->found", $this->plain($path)),
        );
    }

    public function testALetterThatMerelyTouchesItselfIsMindedAndNoStop(): void
    {
        $check = new Cutability(Film::Permanent->limits(Rules::standard()));
        $snags = static fn (int $capHeight): array => array_values(
            array_filter(
                $check->snags(
                    Lettering::typesetter()->top(Lettering::words('dancing', 'a'), $capHeight),
                    $capHeight,
                ),
                static fn (Snag $snag): bool => 'thin-stroke' === $snag->code->value,
            ),
        );
        self::assertSame([Severity::Warn], array_column($snags(60_000), 'severity'));
        $stops = array_filter($snags(20_000), static fn (Snag $snag): bool => Severity::Stop === $snag->severity);
        self::assertNotEmpty($stops, 'its strokes are thin at 20 mm');
        foreach ($stops as $snag) {
            self::assertLessThan(40_000, $snag->cures[0]['capHeight'] ?? 0, 'not letters a metre high');
        }
    }

    public function testWhatWouldComeOffIsAStopHoweverShortItIs(): void
    {
        $neck = static fn (float $half): string => \sprintf(
            'M0 0H10V%1$s L10.2 %2$s L10.4 %1$sV0H20V10H10.4V%3$s L10.2 %4$s L10 %3$sV10H0Z',
            4.5,
            5 - $half,
            5.5,
            5 + $half,
        );
        foreach ([0.02, 0.1] as $half) {
            $codes = array_map(
                static fn (Snag $snag): array => [$snag->code->value, $snag->severity],
                $this->plain($neck($half)),
            );
            self::assertContains(['thin-stroke', Severity::Stop], $codes, "two blocks on a neck of $half mm");
        }
    }

    public function testBoldFacesAreCleanAndHairlinesAreNot(): void
    {
        $typesetter = Lettering::typesetter();
        $check = new Cutability(Film::Permanent->limits(Rules::standard()));
        foreach (['alfa-slab', 'fredoka', 'bebas', 'righteous'] as $face) {
            self::assertSame(
                [],
                array_filter(
                    $check->snags($typesetter->top(Lettering::words($face, 'Kestrel'), 40_000)),
                    static fn (Snag $snag): bool => Severity::Stop === $snag->severity,
                ),
                $face,
            );
        }
        $codes = array_map(
            static fn (Snag $snag): string => $snag->code->value,
            $check->snags($typesetter->top(Lettering::words('great-vibes', 'Kestrel'), 20_000)),
        );
        self::assertContains('thin-stroke', $codes);
    }

    public function testTheCureToEnlargeCures(): void
    {
        $typesetter = Lettering::typesetter();
        $check = new Cutability(Film::Permanent->limits(Rules::standard()));
        $words = Lettering::words('libre-baskerville', 'Rope');
        $snags = $check->snags($typesetter->top($words, 9000), 9000);
        self::assertNotEmpty($snags);
        $height = 0;
        foreach ($snags as $snag) {
            foreach ($snag->cures as $cure) {
                $height = max($height, $cure['capHeight'] ?? 0);
            }
        }
        self::assertGreaterThan(9000, $height);
        self::assertSame(
            [],
            array_map(
                static fn (Snag $snag): string => "{$snag->code->value} $snag->found",
                $check->snags($typesetter->top($words, $height + 200)),
            ),
        );
    }

    public function testLimitsGrowWithFilmAndUse(): void
    {
        $rules = Rules::standard();
        self::assertSame(1000, Film::Permanent->limits(Rules::standard())->stroke);
        self::assertSame(1300, Film::Permanent->limits(Rules::standard())->in(Usage::Outdoor, $rules)->stroke);
        self::assertEquals(
            new Limits(4000, 7000, 2500, 1500),
            Film::Glitter->limits(Rules::standard())->in(Usage::Vehicle, $rules),
        );
        self::assertSame(
            Film::Frosted->limits(Rules::standard())->stroke,
            Film::Cling->limits(Rules::standard())->stroke,
        );
        self::assertTrue(Film::Patterned->hasDirection());
    }

    public function testFilmIsWeighedAgainstItsUse(): void
    {
        self::assertNull(Suitability::warning(Film::Permanent, Usage::Outdoor));
        self::assertStringContainsString('Permanent', (string) Suitability::warning(Film::Removable, Usage::Outdoor));
        self::assertNotNull(Suitability::warning(Film::Stencil, Usage::Indoor));
        self::assertStringContainsString('cast', (string) Suitability::warning(Film::Pearl, Usage::Vehicle));
    }

    public function testArtBeyondTheSafeAreaIsStoppedWithTheSizeThatFits(): void
    {
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(100, 60), Length::millimetres(0)),
            Lettering::words('bebas', 'Teal'),
            80_000,
        );
        [$snag] = (new DecalCheck(Rules::standard()))->judge($fitted, Film::Permanent, Usage::Indoor);
        self::assertSame('outside-safe-area', $snag->code->value);
        self::assertSame(Severity::Stop, $snag->severity);
        self::assertSame($fitted->largest, $snag->cures[0]['capHeight'] ?? 0);
    }

    /** @return list<Snag> */
    private function plain(string $path): array
    {
        return (new Cutability(Film::Permanent->limits(Rules::standard())))->snags(SvgPath::read($path));
    }
}
