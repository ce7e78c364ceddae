<?php

declare(strict_types=1);

namespace Yelbo\Shop\Log;

use Yelbo\Trade\Measure\TypedDay;

/** What is looked for in the book; what is empty does not matter. */
final readonly class BookSearch
{
    private const TAG = '~^[yY]-?(\d{1,9})$~';
    /** Shorter words are in no index. */
    private const SHORTEST = 3;
    private const MOST_WORDS = 8;

    /**
     * @param list<string> $words  all of them, each the beginning of one
     * @param int|null     $docket its number
     */
    private function __construct(
        public array $words,
        public string $who,
        public string $what,
        public ?int $docket,
        public ?\DateTimeImmutable $first,
        public ?\DateTimeImmutable $last,
    ) {
    }

    /** Nothing in particular. */
    public static function none(): self
    {
        return new self([], '', '', null, null, null);
    }

    /** Whether nothing in particular is looked for. */
    public function isNone(): bool
    {
        return [] === $this->words
            && '' === $this->who.$this->what
            && null === ($this->docket ?? $this->first ?? $this->last);
    }

    /**
     * As it was typed: a docket's tag among the words looks for that docket; days that are none are passed over.
     *
     * @param string $first a day, 2026-11-27
     * @param string $last  a day
     */
    public static function typed(string $find, string $who, string $what, string $first, string $last): self
    {
        $words = [];
        $docket = null;
        foreach (preg_split('~\s+~u', trim($find), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (1 === preg_match(self::TAG, $word, $found)) {
                $docket = (int) $found[1];
                continue;
            }
            foreach (preg_split('~[^\p{L}\p{N}]+~u', $word, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
                if (mb_strlen($part) >= self::SHORTEST && \count($words) < self::MOST_WORDS) {
                    $words[] = $part;
                }
            }
        }

        return new self(
            $words,
            mb_substr($who, 0, 80),
            mb_substr($what, 0, 40),
            $docket,
            TypedDay::read($first),
            TypedDay::read($last),
        );
    }
}
