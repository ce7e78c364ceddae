<?php

declare(strict_types=1);

namespace Yelbo\Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Requests that nobody means well with, made from the description of the API and a seed: bodies that are nearly right
 * and
 * broken at one place or several, and some that are nothing at all. The same seed makes the same requests.
 */
final class Nonsense
{
    /** Digits, signs and ends of what a number can be. */
    private const NUMBERS = [
        0,
        -1,
        1,
        2,
        3.5,
        -0.0,
        2_147_483_647,
        2_147_483_648,
        -2_147_483_649,
        9_007_199_254_740_993,
        \PHP_INT_MAX,
        1e15,
        1e307,
        -1e307,
        1e-307,
    ];
    private const TEXTS = [
        '', ' ', '0', '-1', '1e999', 'NaN', 'Infinity', '0x1F', '१२', '１２３', '٣', '1 000 000 000 '
            .'mm', '10000km', '0.0000001mm', '4 1/0"', "a\u{0}b", "\u{202E}dlogiraM",
        '🧵🧵🧵', "e\u{301}\u{301}\u{301}\u{301}", "\r\n\r\n", '../../etc/hosts', "' OR 1=1 -- ", '<svg '
            .'onload=alert(1)>', '{{7*7}}', '%s%s%n', '2026-13-45', '0000-00-00', '9999-12-31',
        '2026-02-30', 'M0 0L1e308 0L0 1e308Z', 'yes', 'true', 'null', 'Zoë & Ø', "line one\nline "
            ."two", '|', '||||', "\u{FEFF}", "\u{AD}", 'ﷺ',
    ];
    private const IN_ADDRESSES = [
        '0',
        '1',
        '2',
        '412',
        '999999999',
        '1000000000',
        '-1',
        '1.5',
        '१२',
        '%EF%BC%91',
        '%00',
        '%FF%FE',
        '..%2F..',
        'a',
        '%20',
        '1e3',
        '0x1',
        "'",
        '%F0%9F%A7%B5',
    ];
    /** How often a body is broken as text, of ten. */
    private const AS_TEXT = 2;

    private Randomizer $random;

    /** @param array<string, mixed> $description as docs/openapi.json */
    public function __construct(private readonly array $description, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<array{string, string}> method and path of every operation */
    public function operations(): array
    {
        $all = [];
        foreach ($this->description['paths'] as $path => $operations) {
            foreach (array_keys($operations) as $method) {
                $all[] = [strtoupper((string) $method), (string) $path];
            }
        }

        return $all;
    }

    /**
     * One request to an operation.
     *
     * @return array{method: string, path: string, type: string, body: string|null}
     */
    public function request(string $method, string $path): array
    {
        $operation = $this->description['paths'][$path][strtolower($method)];
        $address = preg_replace_callback(
            '~\{(\w+)\}~',
            fn (array $found): string => $this->inAddress($found[1]),
            $path,
        ) ?? $path;
        $query = [];
        foreach ($operation['parameters'] ?? [] as $parameter) {
            if ('query' === $parameter['in'] && $this->chance(6)) {
                $query[] = $parameter['name'].($this->chance(1) ? '[]' : '').'='.rawurlencode((string) $this->text());
            }
        }
        $content = $operation['requestBody']['content'] ?? null;
        $type = null === $content ? 'application/json' : (string) array_key_first($content);
        $schema = $content['application/json']['schema'] ?? null;

        return [
            'method' => $method,
            'path' => $address.([] === $query ? '' : '?'.implode('&', $query)),
            'type' => $this->chance(1) && null !== $content
                ? $this->oneOf(['application/xml', 'text/csv', 'application/x-www-form-urlencoded', ''])
                : $type,
            'body' => match (true) {
                'GET' === $method => null,
                null === $schema => null === $content
                    ? ($this->chance(3) ? '{}' : null)
                    : $this->random->getBytes($this->random->getInt(0, 3000)),
                default => $this->body($schema),
            },
        ];
    }

    /** Mostly something a shop with demo data has, so that what comes after it is tried too. */
    private function inAddress(string $what): string
    {
        return match (true) {
            !$this->chance(8) => $this->oneOf(self::IN_ADDRESSES),
            'number' === $what => (string) $this->random->getInt(401, 436),
            'nth' === $what => (string) $this->random->getInt(1, 2),
            default => (string) $this->random->getInt(1, 40),
        };
    }

    /** @param array<string, mixed> $schema */
    private function body(array $schema): string
    {
        $value = $this->value($schema, 0);
        $json = (string) json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
        if (!$this->chance(self::AS_TEXT)) {
            return $json;
        }

        return match ($this->random->getInt(0, 9)) {
            0 => substr($json, 0, $this->random->getInt(0, \strlen($json))),
            1 => str_repeat('[', $this->random->getInt(10, 20_000)).$json,
            2 => '{'.implode(',', array_map(
                static fn (int $nth): string => "\"k$nth\":$nth",
                range(1, $this->random->getInt(2, 30_000)),
            )).'}',
            3 => str_replace('"', "\"\xC3\x28", $json),
            4 => preg_replace(
                '~:[^,}\]]*~',
                ':'.$this->oneOf(['1e999', '-', '1e-999', str_repeat('9', 400), 'nul', '""""']),
                $json,
                1,
            ) ?? $json,
            5 => $json.$json,
            6 => '['.implode(',', array_fill(0, $this->random->getInt(10, 30_000), '{}')).']',
            7 => preg_replace(
                '~"[^"]*"(?=[,}])~',
                json_encode(
                    str_repeat($this->oneOf(['a', 'é', "\n", '9', ' ']), $this->random->getInt(1000, 100_000)),
                    \JSON_THROW_ON_ERROR,
                ),
                $json,
                1,
            ) ?? $json,
            8 => $this->random->getBytes($this->random->getInt(1, 2000)),
            default => preg_replace(
                '~^\{~',
                '{"a":'.str_repeat('{"a":', 900).'1'.str_repeat('}', 900).',',
                $json,
            ) ?? $json,
        };
    }

    /** @param array<string, mixed> $schema */
    private function value(array $schema, int $deep): mixed
    {
        if (isset($schema['$ref'])) {
            $schema = $this->description['components']['schemas'][basename((string) $schema['$ref'])];
        }
        if ($this->chance(1) && $this->chance(4)) {
            return $this->anything();
        }
        if (isset($schema['enum'])) {
            return $this->chance(8) ? $this->oneOf($schema['enum']) : $this->text();
        }
        foreach (['oneOf', 'anyOf'] as $some) {
            if (isset($schema[$some])) {
                return $this->value($this->oneOf($schema[$some]), $deep);
            }
        }
        $type = \is_array($schema['type'] ?? null) ? $this->oneOf($schema['type']) : $schema['type'] ?? 'string';

        return match ($type) {
            'object' => $this->object($schema, $deep),
            'array' => $deep > 4
                ? []
                : array_map(
                    fn (): mixed => $this->value($schema['items'] ?? [], $deep + 1),
                    array_fill(0, $this->chance(1) ? $this->random->getInt(1, 400) : $this->random->getInt(0, 3), 0),
                ),
            'integer', 'number' => $this->oneOf(self::NUMBERS),
            'boolean' => $this->chance(5),
            'null' => null,
            default => $this->text(),
        };
    }

    /** @param array<string, mixed> $schema */
    private function object(array $schema, int $deep): object
    {
        $object = [];
        foreach ($schema['properties'] ?? [] as $name => $of) {
            if ($this->chance(8)) {
                $object[$name] = $this->value($of, $deep + 1);
            }
        }
        if ($this->chance(1) && $this->chance(3)) {
            $object[(string) $this->text()] = $this->anything();
        }

        return (object) $object;
    }

    private function anything(): mixed
    {
        return $this->oneOf(
            [
                null,
                true,
                [],
                new \stdClass(),
                [[[[]]]],
                $this->text(),
                $this->oneOf(self::NUMBERS),
                ['a' => 1],
                array_fill(0, 300, 'x'),
            ],
        );
    }

    private function text(): string
    {
        return match ($this->random->getInt(0, 9)) {
            0 => $this->oneOf(self::TEXTS).$this->oneOf(self::TEXTS),
            1 => str_repeat(
                $this->oneOf(['a', 'W', '9', 'é', '🧵', ' ', "\n", 'ا', '-']),
                $this->random->getInt(1, 3000),
            ),
            2 => (string) $this->oneOf(self::NUMBERS),
            3, 4 => $this->oneOf(['180mm', '40 mm', '12in', '3 1/4"', '2cm', '5', '100']),
            5 => $this->oneOf(
                [
                    'Marigold',
                    'Osric Tamblyn',
                    'Kestrel',
                    '2026-12-24',
                    'rectangle',
                    'cylinder',
                    'indoor',
                    'shop',
                    '1',
                    'oswald',
                    'heart',
                ],
            ),
            default => $this->oneOf(self::TEXTS),
        };
    }

    /**
     * @template T
     *
     * @param array<array-key, T> $of
     *
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, \count($of) - 1)];
    }

    /** So many times of ten. */
    private function chance(int $ofTen): bool
    {
        return $this->random->getInt(1, 10) <= $ofTen;
    }
}
