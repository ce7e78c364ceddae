<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Yelbo\Shop\Refusals;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\UnreadableLength;

/** Reads fields one after the other and keeps a sentence for each that cannot be read. */
final class Typed
{
    /** @var array<string, string> */
    private array $wrong = [];

    public function refuse(string $field, string $sentence): void
    {
        $this->wrong[$field] ??= $sentence;
    }

    /** @param string|null $needed what is asked where it is empty; nothing where it may be */
    public function text(string $field, string $typed, int $longest, ?string $needed = null): string
    {
        $text = trim($typed);
        if (null !== $needed && '' === $text) {
            $this->refuse($field, $needed);
        }
        if (mb_strlen($text) > $longest) {
            $this->refuse($field, "At most $longest letters here.");
        }

        return $text;
    }

    public function whole(string $field, string $typed, int $least, int $most): int
    {
        $whole = filter_var(trim($typed), \FILTER_VALIDATE_INT, ['options' => ['min_range' => $least, 'max_range' => $most]]);
        if (false === $whole) {
            $this->refuse($field, "A whole number from $least to $most.");
        }

        return (int) $whole;
    }

    public function figure(string $field, string $typed, float $least, float $most): float
    {
        $figure = filter_var(str_replace(',', '.', trim($typed)), \FILTER_VALIDATE_FLOAT);
        if (false === $figure || $figure < $least || $figure > $most) {
            $this->refuse($field, "A figure from $least to $most, like 1.5.");
        }

        return (float) $figure;
    }

    /**
     * @param float $longest m
     *
     * @return int µm
     */
    public function length(string $field, string $typed, float $longest, bool $none = false): int
    {
        if ($none && '0' === trim($typed)) {
            return 0;
        }
        try {
            $length = Length::read($typed);
        } catch (UnreadableLength $unreadable) {
            $this->refuse($field, $unreadable->getMessage());

            return 1;
        }
        if (!$length->isPositive() || $length->micrometres > 1e6 * $longest) {
            $this->refuse($field, 'That cannot be: from a hair to '.Length::micrometres((int) (1e6 * $longest))->inMetric().' mm.');
        }

        return max(1, $length->micrometres);
    }

    /** @throws Refusals where anything could not be read */
    public function end(): void
    {
        if ([] !== $this->wrong) {
            throw new Refusals($this->wrong);
        }
    }
}
