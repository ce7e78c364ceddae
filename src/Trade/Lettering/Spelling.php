<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * Words as the customer gave them against words as they are drawn, and letters that are taken
 * for one another. Source: handbook section 2, step 4; section 5, "misspelling risk".
 *
 * @phpstan-type Remark array{kind: string, says: string}
 */
final class Spelling
{
    /** Looks like → what it may be meant for. */
    private const ALIKE = ['0' => 'O', 'O' => '0', 'l' => 'I', 'I' => 'l', '1' => 'l'];
    private const NAMES = [
        ' ' => 'space',
        '0' => 'zero',
        '1' => 'one',
        '2' => 'two',
        '3' => 'three',
        '4' => 'four',
        '5' => 'five',
        '6' => 'six',
        '7' => 'seven',
        '8' => 'eight',
        '9' => 'nine',
        '-' => 'hyphen',
        '–' => 'dash',
        '—' => 'long dash',
        '.' => 'full stop',
        ',' => 'comma',
        '’' => 'apostrophe',
        "'" => 'straight apostrophe',
        '&' => 'and sign',
        '!' => 'exclamation mark',
        '?' => 'question mark',
        '“' => 'opening quote',
        '”' => 'closing quote',
        '"' => 'straight quote',
        '/' => 'slash',
        ':' => 'colon',
        '+' => 'plus',
    ];

    private function __construct()
    {
    }

    /**
     * How what is drawn differs from what was asked for; nothing where it does not.
     *
     * @param list<string> $asked lines as the customer gave them
     * @param list<string> $drawn
     *
     * @return list<Remark>
     */
    public static function differences(array $asked, array $drawn): array
    {
        [$one, $other] = [self::plain(implode(' ', $asked)), self::plain(implode(' ', $drawn))];
        if ($one === $other) {
            return [];
        }
        $remark = static fn (string $kind, string $says): array => [['kind' => $kind, 'says' => $says]];
        if (str_replace(' ', '', $one) === str_replace(' ', '', $other)) {
            return $remark('space', "The spaces differ: “{$one}” was asked for, “{$other}” is drawn.");
        }
        if (mb_strtolower($one) === mb_strtolower($other)) {
            return $remark('case', "Capitals differ: “{$one}” was asked for, “{$other}” is drawn.");
        }
        $steps = self::steps($one, $other);

        return 1 === $steps
            ? $remark('letter', "One letter differs: “{$one}” was asked for, “{$other}” is drawn.")
            : $remark('words', "The words differ: “{$one}” was asked for, “{$other}” is drawn.");
    }

    /**
     * Letters that may be meant for others: a zero among letters, an O among figures, a small l
     * where a capital I would stand.
     *
     * @param list<string> $lines
     *
     * @return list<Remark>
     */
    public static function doubts(array $lines): array
    {
        $remarks = [];
        foreach ($lines as $line) {
            foreach (preg_split('~\s+~u', $line, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                $doubt = self::doubt($word);
                if (null !== $doubt) {
                    $remarks[] = [
                        'kind' => 'look-alike',
                        'says' => "“{$word}”: is “{$doubt}” meant as ".
                            self::says($doubt).
                            ', or as '.
                            self::says(self::ALIKE[$doubt]).
                            '? Ask.',
                    ];
                }
            }
            if (str_contains($line, '  ')) {
                $remarks[] = ['kind' => 'space', 'says' => "“{$line}” holds two spaces in a row."];
            }
        }

        return $remarks;
    }

    /**
     * A line to be read out, letter by letter.
     *
     * @return list<array{letter: string, says: string}>
     */
    public static function readOut(string $line): array
    {
        preg_match_all('~\X~u', $line, $found);

        return array_map(
            static fn (string $letter): array => ['letter' => $letter, 'says' => self::says($letter)],
            $found[0],
        );
    }

    private static function says(string $letter): string
    {
        if (isset(self::NAMES[$letter])) {
            return self::NAMES[$letter];
        }
        $base = \Normalizer::normalize($letter, \Normalizer::FORM_D) ?: $letter;
        $marks = preg_match('~\p{M}~u', $base) ? ' with its mark' : '';
        $case = match (true) {
            1 === preg_match('~^\p{Lu}~u', $letter) => 'capital ',
            1 === preg_match('~^\p{Ll}~u', $letter) => 'small ',
            default => '',
        };

        return $case.$letter.$marks;
    }

    private static function doubt(string $word): ?string
    {
        return match (true) {
            1 === preg_match('~0~', $word) && 1 === preg_match('~\p{L}{2}~u', $word) => '0',
            1 === preg_match('~^(?=.*O)(?=.*\d)(?!.*\p{L}{3})~u', $word) => 'O',
            1 === preg_match('~\p{L}1\p{L}~u', $word) => '1',
            1 === preg_match('~^l\p{Lu}|\p{Lu}l\p{Lu}|^l$~u', $word) => 'l',
            1 === preg_match('~\p{Ll}I\p{Ll}~u', $word) => 'I',
            default => null,
        };
    }

    private static function plain(string $text): string
    {
        return \Normalizer::normalize(trim(preg_replace('~\s+~u', ' ', $text) ?? $text)) ?: $text;
    }

    /** Letters put in, left out, changed or swapped with their neighbour. */
    private static function steps(string $one, string $other): int
    {
        preg_match_all('~\X~u', $one, $a);
        preg_match_all('~\X~u', $other, $b);
        [$a, $b] = [$a[0], $b[0]];
        $row = [range(0, \count($b))];
        foreach ($a as $i => $letter) {
            $next = [$i + 1];
            foreach ($b as $j => $against) {
                $next[] = min(
                    $row[$i][$j + 1] + 1,
                    $next[$j] + 1,
                    $row[$i][$j] + ($letter === $against ? 0 : 1),
                    $i > 0 && $j > 0 && $letter === $b[$j - 1] && $a[$i - 1] === $against
                        ? $row[$i - 1][$j - 1] + 1
                        : \PHP_INT_MAX,
                );
            }
            $row[] = $next;
        }

        return $row[\count($a)][\count($b)];
    }
}
