<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Measure\UnreadableLength;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/**
 * Reads what was typed, field after field, and keeps the first sentence for each that cannot be
 * read. A wrong field gives a stand-in value, so that all fields are read before `end()` refuses
 * them together.
 */
final class Fields
{
    /** @var array<string, string> */
    private array $wrong = [];

    /** Whether nothing was typed. */
    public static function isEmpty(string $typed): bool
    {
        return '' === trim($typed);
    }

    /** @return null so that a reader can hand it on as "no value" */
    public function refuse(string $field, string $sentence): null
    {
        $this->wrong[$field] ??= $sentence;

        return null;
    }

    /** Takes over what another reader, or the core, refused. */
    public function refuseAll(Refusals $refusals): null
    {
        $this->wrong += $refusals->fields;

        return null;
    }

    /** Has anything been refused so far, or one field of it? */
    public function isWrong(?string $field = null): bool
    {
        return null === $field ? [] !== $this->wrong : isset($this->wrong[$field]);
    }

    /** @return array<string, string> the sentence by its field */
    public function sentences(): array
    {
        return $this->wrong;
    }

    /** @param string|null $needed what is asked where it is empty; none where it may be */
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

    /** @param string|null $sentence in place of the usual one */
    public function whole(string $field, string $typed, int $least, int $most, ?string $sentence = null): int
    {
        $whole = filter_var(trim($typed), \FILTER_VALIDATE_INT, [
            'options' => ['min_range' => $least, 'max_range' => $most],
        ]);
        if (false === $whole) {
            $this->refuse($field, $sentence ?? "A whole number from $least to $most.");
        }

        return false === $whole ? $least : $whole;
    }

    /**
     * A figure with a point or a comma.
     *
     * @param string      $units    characters that may stand beside it, as in `8 m`
     * @param string|null $sentence in place of the usual one
     */
    public function figure(
        string $field,
        string $typed,
        float $least,
        float $most,
        ?string $sentence = null,
        string $units = '',
    ): float {
        $plain = str_replace([',', '−'], ['.', '-'], trim($typed));
        $figure = filter_var('' === $units ? $plain : trim($plain, " $units"), \FILTER_VALIDATE_FLOAT);
        if (false === $figure || !is_finite($figure) || $figure < $least || $figure > $most) {
            $this->refuse($field, $sentence ?? "A figure from $least to $most, like 1.5.");

            return $least;
        }

        return $figure;
    }

    /**
     * A length in either system, with its unit or in the system's own.
     *
     * @param int         $least  µm
     * @param int         $most   µm
     * @param string|null $needed what is asked where it is empty
     * @param string|null $range  what is said of one that is too short or too long
     *
     * @return int µm
     */
    public function length(
        string $field,
        string $typed,
        int $least,
        int $most,
        Units $units = Units::Metric,
        ?string $needed = null,
        ?string $range = null,
    ): int {
        if (null !== $needed && self::isEmpty($typed)) {
            $this->refuse($field, $needed);

            return $least;
        }
        if (0 === $least && '0' === trim($typed)) {
            return 0;
        }
        try {
            $length = Length::read($typed, $units)->micrometres;
        } catch (UnreadableLength $unreadable) {
            $this->refuse($field, $unreadable->getMessage());

            return $least;
        }
        if ($length < $least || $length > $most) {
            $this->refuse(
                $field,
                $range ?? 'That cannot be: from a hair to '.Length::micrometres($most)->inMetric().' mm.',
            );

            return $least;
        }

        return $length;
    }

    /**
     * A length that may lie on either side of nought; none where nothing was typed.
     *
     * @return int|null µm
     */
    public function offset(string $field, string $typed, Units $units): ?int
    {
        if (self::isEmpty($typed)) {
            return null;
        }
        $plain = preg_replace('~^[-−]\s*~u', '', trim($typed), 1, $negative) ?? '';
        try {
            $length = Length::read($plain, $units)->micrometres;
        } catch (Refused $refused) {
            return $this->refuse($field, $refused->getMessage());
        }

        return $negative > 0 ? -$length : $length;
    }

    /**
     * A figure of the shop's, inside what makes sense for it.
     *
     * @return float in the rule's own unit
     */
    public function rule(string $field, string $typed, Rule $rule): float
    {
        $figure = filter_var(str_replace(',', '.', trim($typed)), \FILTER_VALIDATE_FLOAT);
        if (false === $figure) {
            $this->refuse($field, 'Write a figure, like 3 or 1.5.');

            return $rule->standard();
        }
        try {
            $rule->check($figure);
        } catch (Refused $refused) {
            $this->refuse($field, $refused->getMessage());

            return $rule->standard();
        }

        return $figure;
    }

    /**
     * An amount of money as people write it: `24`, `24.50`, `1 024,50`.
     *
     * @param int $most minor units
     *
     * @return int minor units
     */
    public function money(string $field, string $typed, int $most): int
    {
        $plain = str_replace([' ', ','], ['', '.'], trim($typed));
        $minor = 1 === preg_match('~^\d{1,9}(\.\d{1,2})?$~', $plain) ? (int) round(100 * (float) $plain) : null;
        if (null === $minor || $minor > $most) {
            $this->refuse($field, 'A plain amount, like 24 or 24.50.');
        }

        return min($minor ?? 0, $most);
    }

    /**
     * One of a list of names.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $choices
     *
     * @return T|null none where it is wrong
     */
    public function choice(string $field, string $typed, string $choices, string $sentence): ?\BackedEnum
    {
        return $choices::tryFrom($typed) ?? $this->refuse($field, $sentence);
    }

    /** @throws Refusals where anything could not be read: a sentence a field */
    public function refuseIfWrong(): void
    {
        if ([] !== $this->wrong) {
            throw new Refusals($this->wrong);
        }
    }
}
