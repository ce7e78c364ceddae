<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Refused;

/**
 * A list of names as people send it: pasted lines or a CSV in whatever encoding and with
 * whatever separator, with a header or without.
 */
final readonly class Roster
{
    private const MOST_BYTES = 1_000_000;
    private const MOST_ROWS = 1000;
    private const MOST_COLUMNS = 40;
    private const HEADERS = [
        'name',
        'names',
        'first name',
        'firstname',
        'given name',
        'surname',
        'last name',
        'label',
        'text',
        'words',
        'pupil',
        'child',
        'member',
        'nr',
        'no',
        'no.',
        'number',
        'class',
        'id',
        'email',
    ];

    /**
     * @param list<string>       $columns
     * @param list<list<string>> $rows    every cell trimmed, the header's row left out
     */
    private function __construct(
        public string $encoding,
        public string $separator,
        public bool $hasHeader,
        public array $columns,
        public array $rows,
    ) {
    }

    /**
     * @param string|null $separator as people name it: comma, semicolon, tab, none; found out where left out
     *
     * @throws Refused for what is no text, too much, or empty
     */
    public static function read(string $bytes, ?string $separator = null, ?bool $header = null): self
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw new Refused('too-much', 'More than 1 MB is no roster. Send the names alone.', '/roster');
        }
        [$text, $encoding] = self::decoded($bytes);
        $found = $separator ?? self::separator($text);
        $rows = self::rows($text, ['comma' => ',', 'semicolon' => ';', 'tab' => "\t"][$found] ?? null);
        if ([] === $rows) {
            throw new Refused('no-words', 'There is no name in it. Write one on each line.', '/roster');
        }
        if (\count($rows) > self::MOST_ROWS) {
            throw new Refused('too-much', 'More than '.self::MOST_ROWS.' rows. Split the list.', '/roster');
        }
        $has = $header ?? self::looksLikeHeader($rows);
        $columns = max(array_map(count(...), $rows));
        $names = $has ? array_shift($rows) : [];
        $titles = [];
        for ($nth = 0; $nth < $columns; ++$nth) {
            $titles[] = '' !== ($names[$nth] ?? '') ? $names[$nth] : 'Column '.($nth + 1);
        }

        return new self($encoding, $found, $has, $titles, array_values($rows));
    }

    /** The column that holds what is to be cut, as far as one can tell: the first with letters in nearly every row. */
    public function likely(): int
    {
        foreach (array_keys($this->columns) as $nth) {
            if (1 === preg_match('~name|pupil|child|member|label|text|words~i', $this->columns[$nth])) {
                return $nth;
            }
        }
        foreach (array_keys($this->columns) as $nth) {
            $letters = array_filter(
                $this->rows,
                static fn (array $row): bool => 1 === preg_match('~\p{L}~u', $row[$nth] ?? ''),
            );
            if (\count($letters) > 0.8 * \count($this->rows)) {
                return $nth;
            }
        }

        return 0;
    }

    /**
     * Names that stand twice, or nearly: the same but for case, or one letter apart.
     *
     * @param list<string> $names
     *
     * @return list<array{int, int, string}> the later one, the earlier one, and a sentence
     */
    public static function alike(array $names): array
    {
        $alike = [];
        $plain = array_map(
            static fn (string $name): string => mb_strtolower(preg_replace('~\s+~u', ' ', trim($name)) ?? $name),
            $names,
        );
        $ascii = array_map(
            static fn (string $name): string => (string) iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $name),
            $plain,
        );
        foreach ($names as $nth => $name) {
            for ($other = 0; $other < $nth; ++$other) {
                if ($names[$other] === $name) {
                    $alike[] = [$nth, $other, "“{$name}” stands twice."];
                } elseif ($plain[$other] === $plain[$nth]) {
                    $alike[] = [$nth, $other, "“{$name}” and “{$names[$other]}” differ by capitals or spaces only."];
                } elseif (
                    abs(\strlen($ascii[$nth]) - \strlen($ascii[$other])) <= 1
                    && \strlen($ascii[$nth]) >= 4
                    && 1 >= levenshtein($ascii[$nth], $ascii[$other])
                    && preg_replace('~\D~', '', $plain[$nth]) === preg_replace('~\D~', '', $plain[$other])
                ) {
                    $alike[] = [$nth, $other, "“{$name}” and “{$names[$other]}” are one letter apart."];
                } else {
                    continue;
                }
                break;
            }
        }

        return $alike;
    }

    /** @return array{string, string} the text in UTF-8, and what it was in */
    private static function decoded(string $bytes): array
    {
        foreach (
            ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding
        ) {
            if (str_starts_with($bytes, $mark)) {
                $text = mb_convert_encoding(substr($bytes, \strlen($mark)), 'UTF-8', $encoding);

                return [self::textOnly((string) $text), $encoding.' with a mark'];
            }
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return [self::textOnly($bytes), 'UTF-8'];
        }

        return [self::textOnly((string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252')), 'Latin-1'];
    }

    private static function textOnly(string $text): string
    {
        if (preg_match('~[\x00-\x08\x0E-\x1F]~', $text)) {
            throw new Refused(
                'not-text',
                'This is not a list of names but some other kind of file. Save the list as CSV and try again.',
                '/roster',
            );
        }

        return $text;
    }

    /** The one that splits most rows into the same number of cells. */
    private static function separator(string $text): string
    {
        $best = ['none', 0.0];
        $lines = \count(self::rows($text, null));
        foreach (['semicolon' => ';', 'tab' => "\t", 'comma' => ','] as $name => $mark) {
            $counts = array_count_values(array_map(count(...), self::rows($text, $mark)));
            unset($counts[1]);
            $same = [] === $counts ? 0 : max($counts) / max(1, $lines);
            if ($same >= 0.6 && $same > $best[1]) {
                $best = [$name, $same];
            }
        }

        return $best[0];
    }

    /** @return list<list<string>> rows that hold something */
    private static function rows(string $text, ?string $mark): array
    {
        if (null === $mark) {
            $rows = array_map(
                static fn (string $line): array => [self::bare($line, ' \t"')],
                preg_split('~\R~u', $text) ?: [],
            );
        } else {
            $file = new \SplTempFileObject();
            $file->fwrite($text);
            $file->rewind();
            $rows = [];
            while (!$file->eof()) {
                $row = $file->fgetcsv($mark, '"', '');
                $rows[] = \is_array($row)
                    ? array_map(
                        static fn (?string $cell): string => self::bare($cell ?? '', ' \t'),
                        \array_slice($row, 0, self::MOST_COLUMNS),
                    )
                    : [];
            }
        }

        return array_values(array_filter($rows, static fn (array $row): bool => '' !== implode('', $row)));
    }

    /**
     * Without blanks, hard ones too, and other signs round it: by letters, since a hard blank is two bytes of others.
     */
    private static function bare(string $cell, string $round): string
    {
        return preg_replace("~^[\\x{a0}$round]++|[\\x{a0}$round]+$~uD", '', $cell) ?? $cell;
    }

    /** @param non-empty-list<list<string>> $rows */
    private static function looksLikeHeader(array $rows): bool
    {
        foreach ($rows[0] as $cell) {
            if (\in_array(mb_strtolower($cell), self::HEADERS, true)) {
                return \count($rows) > 1;
            }
        }

        return false;
    }

    /**
     * The one that will decide the letter height, as far as letters counted say.
     *
     * @param non-empty-list<list<string>> $roster the lines of each decal
     *
     * @return list<string>
     */
    public static function longest(array $roster): array
    {
        usort(
            $roster,
            static fn (array $a, array $b): int => max(0, ...array_map(mb_strlen(...), $b)) <=>
                max(0, ...array_map(mb_strlen(...), $a)),
        );

        return $roster[0];
    }
}
