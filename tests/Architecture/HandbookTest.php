<?php

declare(strict_types=1);

namespace Yelbo\Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Rule;

/** docs/handbook.md tells the figures as the code has them, and names only what is there. */
final class HandbookTest extends TestCase
{
    public function testTheFiguresAreTheCodes(): void
    {
        $told = [];
        preg_match_all('~<!-- figures (\d+) -->\n(.*?)\n\n~s', $this->handbook()."\n\n", $tables, \PREG_SET_ORDER);
        foreach ($tables as [, $section, $table]) {
            $told[(int) $section] = $table;
        }
        self::assertSame(
            [],
            array_diff(array_map(static fn (Rule $rule): int => $rule->section(), Rule::cases()), array_keys($told)),
            'A section has figures and no table.',
        );
        foreach ($told as $section => $table) {
            self::assertSame(
                self::table($section),
                $table,
                "The figures of section $section have changed: put this table into docs/handbook.md.",
            );
        }
    }

    public function testEverySectionTheCodeCitesIsThere(): void
    {
        preg_match_all('~^## (\d+)\. ~m', $this->handbook(), $sections);
        $cited = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($this->root().'/src', \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            preg_match_all('~[Ss]ections? (\d+)~', (string) file_get_contents((string) $file), $numbers);
            $cited = [...$cited, ...$numbers[1]];
        }
        self::assertNotEmpty($cited);
        self::assertSame([], array_values(array_diff(array_unique($cited), $sections[1])));
    }

    public function testEveryClassItNamesIsThere(): void
    {
        preg_match_all('~`([A-Z][A-Za-z]+\\\\[A-Z][A-Za-z]+)`~', $this->handbook(), $named);
        self::assertNotEmpty($named[1]);
        self::assertSame(
            [],
            array_values(
                array_filter(
                    $named[1],
                    static fn (string $class): bool => !class_exists("Yelbo\\Trade\\$class")
                        && !interface_exists("Yelbo\\Trade\\$class")
                        && !enum_exists("Yelbo\\Trade\\$class"),
                ),
            ),
        );
    }

    private static function table(int $section): string
    {
        $rows = ['| figure | to start from | from … to | why |', '| --- | --- | --- | --- |'];
        foreach (Rule::cases() as $rule) {
            if ($rule->section() === $section) {
                [$least, $most] = $rule->range();
                $rows[] = \sprintf(
                    '| %s | %s %s | %s … %s | %s |',
                    $rule->label(),
                    self::figure($rule->standard()),
                    $rule->unit(),
                    self::figure($least),
                    self::figure($most),
                    $rule->reason(),
                );
            }
        }

        return implode("\n", $rows);
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }

    private function handbook(): string
    {
        return (string) file_get_contents($this->root().'/docs/handbook.md');
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
