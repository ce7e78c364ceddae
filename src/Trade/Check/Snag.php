<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

/**
 * Something that will go wrong with a decal, where, and what would cure it.
 *
 * @phpstan-type Cure array{do: string, capHeight?: int, by?: int, film?: string, face?: string, colour?: string}
 */
final readonly class Snag
{
    public const STOP = 'stop';
    public const WARN = 'warn';
    /** Nothing is wrong; the bench should know. */
    public const NOTE = 'note';

    /**
     * @param int                 $limit µm
     * @param int                 $found µm
     * @param array{int, int}|null $at    µm, in the artwork's frame
     * @param list<Cure>          $cures lengths in µm
     */
    public function __construct(
        public string $code,
        public string $severity,
        public int $limit,
        public int $found,
        public ?array $at,
        public string $message,
        public array $cures,
    ) {
    }
}
