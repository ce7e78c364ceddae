<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Refused;

/** Lists of names as people send them. */
final class RosterTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, string, bool, list<list<string>>, int}> bytes, encoding,
     *    separator, header, rows, likely column
     */
    public static function lists(): iterable
    {
        yield 'pasted lines' => [
            "Ada\nBram Stook\r\n\r\n  Zoë ",
            'UTF-8',
            'none',
            false,
            [['Ada'], ['Bram Stook'], ['Zoë']],
            0,
        ];
        yield 'a byte order mark' => [
            "\xEF\xBB\xBFAda\nZoë",
            'UTF-8 with a mark',
            'none',
            false,
            [['Ada'], ['Zoë']],
            0,
        ];
        yield 'Latin-1' => ["Zo\xEB\nRen\xE9", 'Latin-1', 'none', false, [['Zoë'], ['René']], 0];
        yield 'UTF-16 out of a spreadsheet' => [
            "\xFF\xFE".mb_convert_encoding("Zoë\tNo. 4\nAda\tNo. 5", 'UTF-16LE', 'UTF-8'),
            'UTF-16LE with a mark',
            'tab',
            false,
            [['Zoë', 'No. 4'], ['Ada', 'No. 5']],
            0,
        ];
        yield 'commas and a header' => [
            "Nr,Name,Class\n1,Ada,4b\n2,Zoë,4b\n",
            'UTF-8',
            'comma',
            true,
            [['1', 'Ada', '4b'], ['2', 'Zoë', '4b']],
            1,
        ];
        yield 'semicolons' => ["Ada;4b\nZoë;4a", 'UTF-8', 'semicolon', false, [['Ada', '4b'], ['Zoë', '4a']], 0];
        yield 'tabs' => ["1\tAda\n2\tZoë", 'UTF-8', 'tab', false, [['1', 'Ada'], ['2', 'Zoë']], 1];
        yield 'quoted, with the separator and a quote inside' => [
            "name;boat\n\"Lyle; P.\";\"The \"\"Teal\"\"\"\nAda;Heron",
            'UTF-8',
            'semicolon',
            true,
            [['Lyle; P.', 'The "Teal"'], ['Ada', 'Heron']],
            0,
        ];
        yield 'a comma in some names is no separator' => [
            "Ada\nLyle, Perpetua\nZoë\nHal\nUna",
            'UTF-8',
            'none',
            false,
            [['Ada'], ['Lyle, Perpetua'], ['Zoë'], ['Hal'], ['Una']],
            0,
        ];
        yield 'one name' => ['Ada', 'UTF-8', 'none', false, [['Ada']], 0];
        yield 'a header alone is a name' => ['Name', 'UTF-8', 'none', false, [['Name']], 0];
    }

    /** @param list<list<string>> $rows */
    #[DataProvider('lists')]
    public function testReads(
        string $bytes,
        string $encoding,
        string $separator,
        bool $header,
        array $rows,
        int $likely,
    ): void {
        $roster = Roster::read($bytes);
        self::assertSame(
            [$encoding, $separator, $header, $rows, $likely],
            [$roster->encoding, $roster->separator, $roster->hasHeader, $roster->rows, $roster->likely()],
        );
        self::assertCount(max(0, ...array_map(count(...), $rows)), $roster->columns);
    }

    public function testWhatIsSaidOfTheColumnsCountsMore(): void
    {
        $text = "Name;Boat\nAda;Teal";
        self::assertSame([['Name', 'Boat'], ['Ada', 'Teal']], Roster::read($text, null, false)->rows);
        self::assertSame([['Name;Boat'], ['Ada;Teal']], Roster::read($text, 'none')->rows);
        self::assertSame(['Name', 'Boat'], Roster::read($text)->columns);
        self::assertSame(['Column 1', 'Column 2'], Roster::read($text, null, false)->columns);
    }

    /** @return iterable<array{string, string}> */
    public static function unreadable(): iterable
    {
        yield ["\n \n", 'no name in it'];
        yield ["\x89PNG\r\n\x1a\n\0\0\0", 'some other kind of file'];
        yield [str_repeat("Ada\n", 1001), 'More than 1000 rows'];
        yield [str_repeat('x', 1_000_001), 'More than 1 MB'];
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNoListIsSaid(string $bytes, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches("~$says~");
        Roster::read($bytes);
    }

    public function testDuplicatesAndLookAlikes(): void
    {
        $alike = Roster::alike([
            'Tamsin',
            'Ada',
            'Tamsyn',
            'ADA',
            'Hal',
            'Tamsin',
            'Plot 1',
            'Plot 2',
            'Zoe',
            'Zoë',
            'Bartholomew',
            'Bartholmew',
        ]);
        self::assertSame(
            [
                [2, 0, '“Tamsyn” and “Tamsin” are one letter apart.'],
                [3, 1, '“ADA” and “Ada” differ by capitals or spaces only.'],
                [5, 0, '“Tamsin” stands twice.'],
                [11, 10, '“Bartholmew” and “Bartholomew” are one letter apart.'],
            ],
            $alike,
        );
    }

    /** A hard blank is two bytes, and each of them is one of other letters. */
    public function testLettersAtTheEndsOfANameStay(): void
    {
        $names = ['Nicolà', '«Ada»', '°Wren°', "\u{a0}Heron\u{a0}", "\u{ad}Ida", ' "Teal" '];
        $kept = ['Nicolà', '«Ada»', '°Wren°', 'Heron', "\u{ad}Ida", 'Teal'];
        $rows = Roster::read(implode("\n", $names), 'none', false)->rows;
        self::assertSame($kept, array_merge(...$rows));
        $table = implode("\n", array_map(static fn (string $name): string => "$name;1", \array_slice($names, 0, 5)));
        self::assertSame(\array_slice($kept, 0, 5), array_column(Roster::read($table, 'semicolon', false)->rows, 0));
    }
}
