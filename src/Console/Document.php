<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Yelbo\Trade\Refused;

/**
 * One object of a JSON document, read key by key. Every refusal names the place as a JSON
 * pointer; keys nobody asked for are refused by `end()`.
 */
final class Document
{
    private const MOST_BYTES = 5_000_000;

    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<string, mixed> $values */
    private function __construct(private readonly array $values, public readonly string $at)
    {
    }

    /** @throws Refused */
    public static function parse(string $json): self
    {
        if (\strlen($json) > self::MOST_BYTES) {
            throw new Refused('too-much', 'More than 5 MB of text. Send a smaller document.');
        }
        try {
            $values = json_decode($json, false, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw new Refused('not-json', 'This is not a JSON document: '.lcfirst($fault->getMessage()).'.');
        }
        if (!$values instanceof \stdClass) {
            throw new Refused('not-an-object', 'The document must be one JSON object.');
        }

        return new self(get_object_vars($values), '');
    }

    public function has(string $key): bool
    {
        $this->asked[$key] = true;

        return isset($this->values[$key]);
    }

    /** @throws Refused */
    public function text(string $key, ?string $default = null): string
    {
        $value = $this->value($key) ?? ($default ?? throw $this->missing($key));
        if (!\is_string($value)) {
            throw $this->wrong($key, 'must be text');
        }

        return $value;
    }

    /** @throws Refused */
    public function number(string $key, float $least, float $most, ?float $default = null): float
    {
        $value = $this->value($key) ?? ($default ?? throw $this->missing($key));

        return $this->checked($key, $value, $least, $most);
    }

    /** @throws Refused */
    public function flag(string $key, bool $default): bool
    {
        $value = $this->value($key) ?? $default;

        return \is_bool($value) ? $value : throw $this->wrong($key, 'has to be true or false');
    }

    /** A whole number between two bounds. */
    public function whole(string $key, int $least, int $most, ?int $default = null): int
    {
        $number = $this->number($key, $least, $most, $default);
        if (floor($number) !== $number) {
            throw $this->wrong($key, 'must be a whole number');
        }

        return (int) $number;
    }

    /** A length in mm, as µm. @throws Refused */
    public function length(string $key, float $least = 0.001, float $most = 100_000): int
    {
        return (int) round(1000 * $this->number($key, $least, $most));
    }

    /** @throws Refused */
    public function object(string $key): self
    {
        return $this->nested($key, $this->value($key) ?? throw $this->missing($key));
    }

    /**
     * @return list<self>
     *
     * @throws Refused
     */
    public function objects(string $key, int $most = 10_000): array
    {
        return array_map(
            fn (mixed $value, int $nth): self => $this->nested("$key/$nth", $value),
            $list = $this->list($key, $most),
            array_keys($list),
        );
    }

    /**
     * @return list<string>
     *
     * @throws Refused
     */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->list($key, 1000) as $nth => $value) {
            $texts[] = \is_string($value) ? $value : throw $this->wrong("$key/$nth", 'must be text');
        }

        return $texts;
    }

    /**
     * @return list<list<string>>
     *
     * @throws Refused
     */
    public function textLists(string $key): array
    {
        $lists = [];
        foreach ($this->list($key, 1000) as $nth => $value) {
            $lists[] = (new self(["$key/$nth" => $value], $this->at))->texts("$key/$nth");
        }

        return $lists;
    }

    /**
     * @return list<float>
     *
     * @throws Refused
     */
    public function numbers(string $key, float $least, float $most): array
    {
        return array_map(
            fn (mixed $value, int $nth): float => $this->checked("$key/$nth", $value, $least, $most),
            $list = $this->list($key, 1000),
            array_keys($list),
        );
    }

    /** @throws Refused where a key stands that nobody asked for */
    public function end(): void
    {
        foreach (array_keys($this->values) as $key) {
            if (!isset($this->asked[$key])) {
                throw new Refused(
                    'unknown-key',
                    '“'.
                        mb_substr((string) $key, 0, 40).
                        '” is not a key here. There are '.
                        implode(', ', array_keys($this->asked)).
                        '.',
                    $this->pointer((string) $key),
                );
            }
        }
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     *
     * @throws Refused with the place found
     */
    public function at(string $key, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Refused $refused) {
            throw $refused->under($this->pointer($key));
        }
    }

    public function wrong(string $key, string $says): Refused
    {
        return new Refused('bad-value', "“{$key}” {$says}.", $this->pointer($key));
    }

    private function value(string $key): mixed
    {
        $this->asked[$key] = true;

        return $this->values[$key] ?? null;
    }

    private function checked(string $key, mixed $value, float $least, float $most): float
    {
        if (!\is_int($value) && !\is_float($value)) {
            throw $this->wrong($key, 'must be a number');
        }
        if (!is_finite((float) $value) || $value < $least || $value > $most) {
            throw $this->wrong($key, "must be from $least to $most");
        }

        return (float) $value;
    }

    /** @return list<mixed> */
    private function list(string $key, int $most): array
    {
        $value = $this->value($key) ?? throw $this->missing($key);
        if (!\is_array($value)) {
            throw $this->wrong($key, 'must be a list');
        }
        if (\count($value) > $most) {
            throw $this->wrong($key, "may hold $most entries at most");
        }

        return array_values($value);
    }

    private function nested(string $key, mixed $value): self
    {
        return $value instanceof \stdClass
            ? new self(get_object_vars($value), $this->pointer($key))
            : throw $this->wrong($key, 'must be an object');
    }

    private function missing(string $key): Refused
    {
        return new Refused('missing', "“{$key}” is missing.", $this->pointer($key));
    }

    private function pointer(string $key): string
    {
        return $this->at.'/'.$key;
    }
}
