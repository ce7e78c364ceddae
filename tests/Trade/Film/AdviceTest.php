<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Film;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rules;

final class AdviceTest extends TestCase
{
    /** @return iterable<string, array{Usage, Material|null, bool, Film}> */
    public static function best(): iterable
    {
        yield 'a painted wall' => [Usage::Indoor, Material::Wall, false, Film::Removable];
        yield 'a vehicle' => [Usage::Vehicle, Material::Vehicle, false, Film::Cast];
        yield 'outdoors' => [Usage::Outdoor, Material::Smooth, false, Film::Permanent];
        yield 'washed' => [Usage::Washed, null, false, Film::Permanent];
        yield 'a bucket' => [Usage::Indoor, Material::Smooth, true, Film::Cast];
    }

    #[DataProvider('best')]
    public function testTheBestFilmComesFirstWithItsReason(
        Usage $use,
        ?Material $material,
        bool $round,
        Film $film,
    ): void {
        $all = Advice::all(Rules::standard(), $use, $material, round: $round);
        self::assertSame($film, $all[0]->film);
        self::assertSame(Advice::BEST, $all[0]->verdict);
        self::assertNotSame('', $all[0]->reason);
        self::assertCount(\count(Film::cases()), $all);
    }

    public function testWhatCannotWorkIsRefusedWithWhatWould(): void
    {
        foreach (Advice::all(Rules::standard(), Usage::Indoor, Material::Fabric) as $advice) {
            self::assertSame(Advice::REFUSED, $advice->verdict);
            self::assertStringContainsString('heat-applied', $advice->reason);
        }
        self::assertStringContainsString('outside', (string) Material::TintedGlass->refusal(Film::Permanent, true));
        self::assertNull(Material::TintedGlass->refusal(Film::Permanent, false));
        self::assertNull(Material::Glass->refusal(Film::Permanent, true));
        self::assertSame(
            [Film::Removable],
            array_values(
                array_map(
                    static fn (Advice $advice): Film => $advice->film,
                    array_filter(
                        Advice::all(Rules::standard(), Usage::Indoor, Material::Wall),
                        static fn (Advice $advice): bool => Advice::REFUSED !== $advice->verdict,
                    ),
                ),
            ),
        );
    }

    public function testVerdictsAreInOrderAndFrostedGoesOnGlassOnly(): void
    {
        foreach (Usage::cases() as $use) {
            foreach ([null, ...Material::cases()] as $material) {
                $ranks = array_map(
                    static fn (Advice $advice): int => (int) array_search(
                        $advice->verdict,
                        [Advice::BEST, Advice::WILL_DO, Advice::AGAINST, Advice::REFUSED],
                        true,
                    ),
                    Advice::all(Rules::standard(), $use, $material),
                );
                $sorted = $ranks;
                sort($sorted);
                self::assertSame($sorted, $ranks);
            }
        }
        self::assertSame(
            Advice::AGAINST,
            Advice::about(Rules::standard(), Film::Frosted, Usage::Indoor, Material::Smooth)->verdict,
        );
        self::assertSame(
            Advice::BEST,
            Advice::about(Rules::standard(), Film::Frosted, Usage::Indoor, Material::Glass)->verdict,
        );
    }

    public function testCautionsAreSaidEveryTime(): void
    {
        self::assertStringContainsString(
            'driver',
            implode(' ', Cautions::all(Rules::standard(), Film::Cast, Usage::Vehicle)),
        );
        self::assertStringContainsString(
            'lips',
            implode(' ', Cautions::all(Rules::standard(), Film::Permanent, Usage::Washed, null, true)),
        );
        self::assertStringContainsString(
            'overnight',
            implode(' ', Cautions::all(Rules::standard(), Film::Permanent, Usage::Outdoor, Material::Painted)),
        );
        self::assertSame([], Cautions::all(Rules::standard(), Film::Permanent, Usage::Outdoor, Material::Smooth));
    }
}
