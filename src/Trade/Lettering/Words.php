<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Refused;

/** What is to be set, in which face and how: everything about lettering but its size. */
final readonly class Words
{
    private const LONGEST_LINE = 200;
    private const MOST_LINES = 40;
    private const WIDEST_TRACKING = 2000;

    /** @param list<string> $lines */
    private function __construct(public Face $face, public array $lines, public Arrangement $arrangement, public int $tracking)
    {
    }

    /**
     * @param list<string> $lines    as the customer spells them; composed to NFC, else untouched
     * @param int          $tracking extra space after each letter, in 1/1000 of the em
     *
     * @throws Refused
     */
    public static function set(Face $face, array $lines, Arrangement $arrangement, int $tracking = 0): self
    {
        $lines = array_values(array_map(static fn (string $line): string => \Normalizer::normalize(trim($line)) ?: trim($line), $lines));
        if ([] === $lines || '' === implode('', $lines)) {
            throw new Refused('no-words', 'There are no words to set. Write at least one letter.', '/lines');
        }
        if (\count($lines) > self::MOST_LINES) {
            throw new Refused('too-many-lines', 'More than '.self::MOST_LINES.' lines do not go on one decal.', '/lines');
        }
        if (Arrangement::Line === $arrangement && \count($lines) > 1) {
            throw new Refused('too-many-lines', 'A single line was asked for and '.\count($lines).' were given. Stack them instead.', '/lines');
        }
        foreach ($lines as $nth => $line) {
            if ('' === $line) {
                throw new Refused('empty-line', 'This line is empty. Leave it out or write something on it.', "/lines/$nth");
            }
            if (mb_strlen($line) > self::LONGEST_LINE) {
                throw new Refused('line-too-long', 'A line of more than '.self::LONGEST_LINE.' letters cannot be read or cut. Break it.', "/lines/$nth");
            }
            if (!mb_check_encoding($line, 'UTF-8') || preg_match('~[\p{Cc}\x{2028}\x{2029}]~u', $line)) {
                throw new Refused('unprintable', 'This line holds a tab or another mark that cannot be cut.', "/lines/$nth");
            }
        }
        if (abs($tracking) > self::WIDEST_TRACKING) {
            throw new Refused('absurd-tracking', 'Tracking goes from −'.self::WIDEST_TRACKING.' to '.self::WIDEST_TRACKING.' thousandths of the em.', '/tracking');
        }

        return new self($face, $lines, $arrangement, $tracking);
    }

    public function key(): string
    {
        return hash('xxh128', json_encode([$this->face->slug, $this->lines, $this->arrangement, $this->tracking], \JSON_THROW_ON_ERROR));
    }
}
