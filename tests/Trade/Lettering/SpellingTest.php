<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Lettering\Spelling;

final class SpellingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>, string|null}> */
    public static function pairs(): iterable
    {
        yield 'the same' => [['Kestrel'], ['Kestrel'], null];
        yield 'the same in two lines' => [['Sweet Peas'], ['Sweet', 'Peas'], null];
        yield 'composed or not' => [["Zoe\u{308}"], ['Zoë'], null];
        yield 'a capital' => [['Kestrel'], ['KESTREL'], 'case'];
        yield 'a space' => [['Plot 9'], ['Plot9'], 'space'];
        yield 'one letter' => [['Halcyon'], ['Halcion'], 'letter'];
        yield 'two letters swapped' => [['Heron'], ['Hreon'], 'letter'];
        yield 'one left out' => [['Bartholomew'], ['Bartolomew'], 'letter'];
        yield 'an accent' => [['Zoë'], ['Zoe'], 'letter'];
        yield 'another word' => [['Heron'], ['Teal'], 'words'];
    }

    /**
     * @param list<string> $asked
     * @param list<string> $drawn
     */
    #[DataProvider('pairs')]
    public function testTellsHowWordsDiffer(array $asked, array $drawn, ?string $kind): void
    {
        self::assertSame($kind, Spelling::differences($asked, $drawn)[0]['kind'] ?? null);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function doubtful(): iterable
    {
        yield 'a zero among letters' => ['R0PE', true];
        yield 'an O among figures' => ['7O4', true];
        yield 'a one among letters' => ['He1m', true];
        yield 'a small l for an I' => ['ANGlE', true];
        yield 'a capital I for an l' => ['HaIcyon', true];
        yield 'two spaces' => ['Plot  9', true];
        yield 'a plain word' => ['Halcyon', false];
        yield 'a number' => ['1084', false];
        yield 'a word and a number' => ['Plot 10', false];
        yield 'a boat’s number' => ['OX 104', false];
    }

    #[DataProvider('doubtful')]
    public function testAsksWhereLettersAreTakenForOneAnother(string $line, bool $doubt): void
    {
        self::assertSame($doubt, [] !== Spelling::doubts([$line]), $line);
    }

    public function testReadsOutLetterByLetter(): void
    {
        $says = array_column(Spelling::readOut('O0 é-l'), 'says');
        self::assertSame(['capital O', 'zero', 'space', 'small é with its mark', 'hyphen', 'small l'], $says);
        self::assertSame(
            ['ж', "n\u{303}"],
            array_column(Spelling::readOut("жn\u{303}"), 'letter'),
            'a letter and its mark are one',
        );
    }
}
