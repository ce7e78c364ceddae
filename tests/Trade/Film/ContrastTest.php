<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Film;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Contrast;
use Yelbo\Trade\Refused;

/** Contrast is the one web pages are judged by. */
final class ContrastTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> */
    public static function pairs(): iterable
    {
        yield 'black on white' => ['#000000', '#ffffff', 21.0];
        yield 'white on black' => ['#ffffff', '#000000', 21.0];
        yield 'a colour on itself' => ['#1b2f57', '#1b2f57', 1.0];
        yield 'grey on white' => ['#767676', '#ffffff', 4.54];
        yield 'red on white' => ['#ff0000', '#ffffff', 4.0];
        yield 'yellow on white' => ['#ffff00', '#ffffff', 1.07];
    }

    #[DataProvider('pairs')]
    public function testItIsTheUsualRatio(string $one, string $other, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, Contrast::between($one, $other)->ratio, 0.01);
        self::assertEqualsWithDelta($ratio, Contrast::between($other, $one)->ratio, 0.01);
        self::assertSame($ratio >= 3, Contrast::between($one, $other)->reads());
    }

    public function testWhatIsNoColourIsRefused(): void
    {
        $this->expectException(Refused::class);
        Contrast::between('navy', '#ffffff');
    }
}
