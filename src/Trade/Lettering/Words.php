<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Refused;

/**
 * What is to be set, in which face and how: everything about a decal's art but its size. A
 * drawing the customer brought stands in the place of words; its letter height is its height over all.
 */
final readonly class Words
{
    private const LONGEST_LINE = 200;
    private const MOST_LINES = 40;
    private const MOST_LETTERS = 600;

    /** @param non-empty-list<string> $lines */
    private function __construct(
        public Face $face,
        public array $lines,
        public Setting $setting,
        public ?VectorArt $art = null,
    ) {
    }

    /**
     * @param list<string>        $lines   as the customer spells them; composed to NFC, else untouched
     * @param Setting|Arrangement $setting an arrangement alone leaves the rest as is usual
     * @param int $tracking thousandths of the em
     *
     * @throws Refused
     */
    public static function set(Face $face, array $lines, Setting|Arrangement $setting, int $tracking = 0): self
    {
        $setting = $setting instanceof Setting ? $setting : new Setting($setting, $tracking);
        $lines = array_values(
            array_map(static fn (string $line): string => \Normalizer::normalize(trim($line)) ?: trim($line), $lines),
        );
        if ([] === $lines || '' === implode('', $lines)) {
            throw new Refused('no-words', 'There are no words to set. Write at least one letter.', '/lines');
        }
        if (\count($lines) > self::MOST_LINES) {
            throw new Refused(
                'too-many-lines',
                'More than '.self::MOST_LINES.' lines do not go on one decal.',
                '/lines',
            );
        }
        foreach ($lines as $nth => $line) {
            self::refuse($line, "/lines/$nth");
        }
        if (mb_strlen(implode('', $lines)) > self::MOST_LETTERS) {
            throw new Refused(
                'too-many-letters',
                'More than '.self::MOST_LETTERS.' letters do not go on one decal. Make it two.',
                '/lines',
            );
        }

        $arrangement = $setting->isRing() ? Arrangement::Ring : $setting->arrangement;

        return new self($face, self::arranged($lines, $arrangement), $setting);
    }

    /** A drawing instead of words. */
    public static function brought(Face $face, VectorArt $art, Setting $setting): self
    {
        return new self($face, [''], $setting->arranged(Arrangement::Line), $art);
    }

    /** A text that is the same for the same, and for nothing else. */
    public function key(): string
    {
        return hash(
            'xxh128',
            json_encode(
                [$this->face->slug, $this->lines, get_object_vars($this->setting), $this->art?->key()],
                \JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** The face of a line. */
    public function faceOf(int $nth): Face
    {
        return ($this->setting->hasStyles() ? $this->setting->styles[$nth]->face ?? null : null) ?? $this->face;
    }

    /** These words in another setting. */
    public function with(Setting $setting): self
    {
        return new self($this->face, $this->lines, $setting, $this->art);
    }

    private static function refuse(string $line, string $at): void
    {
        if ('' === $line) {
            throw new Refused('empty-line', 'This line is empty. Leave it out or write something on it.', $at);
        }
        if (mb_strlen($line) > self::LONGEST_LINE) {
            throw new Refused(
                'line-too-long',
                'A line of more than '.self::LONGEST_LINE.' letters cannot be read or cut. Break it.',
                $at,
            );
        }
        if (!mb_check_encoding($line, 'UTF-8') || preg_match('~[\p{Cc}\x{2028}\x{2029}]~u', $line)) {
            throw new Refused('unprintable', 'This line holds a tab or another mark that cannot be cut.', $at);
        }
        $picture = self::pictureIn($line);
        if (null !== $picture) {
            throw new Refused('emoji', $picture, $at);
        }
    }

    /** What is said of a picture among letters, at its line or its row; nothing where there is none. */
    public static function pictureIn(string $line): ?string
    {
        return 1 === preg_match('~[\x{1F000}-\x{1FAFF}\x{FE0F}\x{20E3}]~u', $line, $found)
            ? "“{$found[0]}” is a picture, not a letter, and no face has it. Leave it out, or ask for it as artwork "
                .'of its own.'
            : null;
    }

    /**
     * The lines an arrangement takes, or a sentence about how many it does.
     *
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<string>
     */
    private static function arranged(array $lines, Arrangement $arrangement): array
    {
        $count = \count($lines);

        return match ($arrangement) {
            Arrangement::Line, Arrangement::AllRound, Arrangement::ArcUp, Arrangement::ArcDown => 1 === $count
                ? $lines
                : throw new Refused(
                    'too-many-lines',
                    "A single line was asked for and $count were given. Stack them instead.",
                    '/lines',
                ),
            Arrangement::Ring => $count <= 2
                ? $lines
                : throw new Refused(
                    'too-many-lines',
                    "A ring carries one line above and one below; $count were given.",
                    '/lines',
                ),
            Arrangement::Monogram => self::initials($lines),
            Arrangement::Initial => match ($count) {
                1 => [mb_strtoupper((string) grapheme_substr($lines[0], 0, 1)), $lines[0]],
                2 => [(string) grapheme_substr($lines[0], 0, 1), $lines[1]],
                default => throw new Refused(
                    'too-many-lines',
                    "A big initial takes one name across it; $count lines were given.",
                    '/lines',
                ),
            },
            Arrangement::Stack, Arrangement::Knockout => $lines,
        };
    }

    /**
     * Three letters out of three names, three words or three letters.
     *
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<string>
     */
    private static function initials(array $lines): array
    {
        if (1 === \count($lines)) {
            $parts = preg_split('~[\s.,&+]+~u', trim($lines[0], ' .,&+'), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
            $lines = 1 === \count($parts) ? (preg_match_all('~\X~u', $parts[0], $letters) ? $letters[0] : []) : $parts;
        }
        if (3 !== \count($lines)) {
            throw new Refused(
                'not-three-letters',
                'A monogram has three letters: given name, middle or second given name, family name.',
                '/lines',
            );
        }

        return array_map(static fn (string $line): string => (string) grapheme_substr($line, 0, 1), $lines);
    }
}
