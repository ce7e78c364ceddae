<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Measure\UnreadableLength;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, int, 2?: Units}> */
    public static function spellings(): iterable
    {
        yield 'whole and fraction' => ['4 1/4', 107_950];
        yield 'joined by a dash, with the sign' => ['4-1/4"', 107_950];
        yield 'decimal inches' => ['4.25in', 107_950];
        yield 'millimetres' => ['108mm', 108_000];
        yield 'centimetres' => ['10.8 cm', 108_000];
        yield 'feet and inches' => ['2\' 3"', 685_800];
        yield 'feet and inches with a fraction' => ['1\' 4 1/2"', 419_100];
        yield 'feet alone' => ["3'", 914_400];
        yield 'feet in words' => ['2 ft 3 in', 685_800];
        yield 'decimal feet' => ['1.5 ft', 457_200];
        yield 'metres' => ['1.2 m', 1_200_000];
        yield 'bare figure, metric shop' => ['108', 108_000];
        yield 'bare figure, imperial shop' => ['4', 101_600, Units::Imperial];
        yield 'bare fraction is inches anywhere' => ['3/8', 9_525];
        yield 'decimal comma' => ['10,8 cm', 108_000];
        yield 'leading point' => ['.5 in', 12_700];
        yield 'typographic quotes' => ['2′ 3″', 685_800];
        yield 'vulgar fraction' => ['4¼ in', 107_950];
        yield 'space inside' => ['  12   mm ', 12_000];
        yield 'capitals' => ['12 MM', 12_000];
        yield 'a tick' => ['1/16"', 1_588];
    }

    #[DataProvider('spellings')]
    public function testReadsWhatPeopleWrite(string $text, int $micrometres, Units $bare = Units::Metric): void
    {
        self::assertSame($micrometres, Length::read($text, $bare)->micrometres);
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        foreach (
            [
                '',
                'wide',
                '4 1/0',
                '12 miles',
                '1/2/3',
                '4 1/4 mm mm',
                '--3',
                '12 13',
                '1e5',
                str_repeat('9', 60),
                "3' wide",
                '½ ½',
            ] as $text
        ) {
            yield [$text];
        }
    }

    #[DataProvider('nonsense')]
    public function testSaysHowALengthShouldRead(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessageMatches('~4 1/4~');
        Length::read($text);
    }

    public function testRefusesWhatNoDecalReaches(): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessageMatches('~100 m~');
        Length::read('10000 m');
    }

    public function testRefusesWhatIsNotANumber(): void
    {
        $this->expectException(UnreadableLength::class);
        Length::millimetres(\NAN);
    }

    public function testPrintsBothSystems(): void
    {
        self::assertSame('41 mm · 1 5/8 in', Length::millimetres(41)->inBoth());
        self::assertSame('1 5/8 in · 41 mm', Length::millimetres(41)->inBoth(Units::Imperial));
        self::assertSame('6.4', Length::millimetres(6.35)->inMetric());
        self::assertSame('108.5', Length::millimetres(108.5)->inMetric());
        self::assertSame('1/4', Length::inches(0.25)->inImperial());
        self::assertSame('12', Length::inches(12)->inImperial());
        self::assertSame('0', Length::micrometres(0)->inImperial());
        self::assertSame('-1 1/2', Length::inches(-1.5)->inImperial());
    }

    public function testRoundsRoomDownToATick(): void
    {
        self::assertSame(Length::inches(4.0625)->micrometres, Length::inches(4.12)->downToTick()->micrometres);
        self::assertSame(Length::inches(4.25)->micrometres, Length::inches(4.25)->downToTick()->micrometres);
    }

    public function testEveryPrintedFractionReadsBackWithinHalfATick(): void
    {
        for ($micrometres = 500; $micrometres < 3_000_000; $micrometres += 13_337) {
            $length = Length::micrometres($micrometres);
            self::assertEqualsWithDelta(
                $micrometres,
                Length::read($length->inImperial(), Units::Imperial)->micrometres,
                794,
                $length->inImperial(),
            );
            self::assertEqualsWithDelta($micrometres, Length::read($length->inMetric().' mm')->micrometres, 50);
        }
    }

    public function testSizes(): void
    {
        self::assertSame('272 × 58 mm', Size::read('272 x 58 mm')->in(Units::Metric));
        self::assertSame('4 1/4 × 2 in', Size::read('4 1/4" by 2"')->in(Units::Imperial));
        self::assertSame(2_720_000, Size::read('272cm × 58cm')->width->micrometres);
        self::assertSame(58_000, Size::read('272 x 58 mm')->shorter()->micrometres);
    }

    /** @return iterable<array{string}> */
    public static function sizesThatAreNone(): iterable
    {
        yield ['12'];
        yield ['0 x 4'];
        yield ['1 x 2 x 3'];
        yield ['a x b'];
    }

    #[DataProvider('sizesThatAreNone')]
    public function testRefusesSizesThatAreNone(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        Size::read($text);
    }
}
