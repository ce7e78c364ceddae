<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

/**
 * Something that will go wrong with a decal, where, and what would cure it.
 *
 * @phpstan-type Cure array{do: Remedy, capHeight?: int, by?: int, film?: string, face?: string, colour?: string}
 */
final readonly class Snag
{
    /**
     * @param int                 $limit µm, or what the kind is counted in
     * @param int                 $found in the same
     * @param array{int, int}|null $at    µm, in the artwork's frame
     * @param list<Cure>          $cures lengths in µm
     * @param int|null            $past  µm past its limit, where limit and found do not tell how bad it is
     */
    public function __construct(
        public SnagCode $code,
        public Severity $severity,
        public int $limit,
        public int $found,
        public ?array $at,
        public string $message,
        public array $cures,
        public ?int $past = null,
    ) {
    }

    /**
     * How far past its limit it is, whichever way that lies: 0 at the limit, the more the worse. A share of the
     * limit, or µm where there is none to take a share of.
     */
    public function excess(): float
    {
        return match (true) {
            null !== $this->past => (float) $this->past,
            0 === $this->limit => (float) abs($this->found),
            default => abs($this->found - $this->limit) / abs($this->limit),
        };
    }

    /**
     * This snag at another spot, in other words.
     *
     * @param array{int, int}|null $at µm, in the artwork's frame
     */
    public function told(?array $at, string $message): self
    {
        return new self(...['at' => $at, 'message' => $message] + get_object_vars($this));
    }

    /**
     * This snag with other cures.
     *
     * @param list<Cure> $cures lengths in µm
     */
    public function curedBy(array $cures): self
    {
        return new self(...['cures' => $cures] + get_object_vars($this));
    }
}
