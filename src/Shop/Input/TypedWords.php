<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

/** Words as they are typed in a field: some lines on one decal, or a decal on each line. */
final class TypedWords
{
    private function __construct()
    {
    }

    /** @return list<string> the lines that hold something */
    public static function lines(string $typed): array
    {
        return array_values(
            array_filter(
                array_map(trim(...), preg_split('~\R~u', $typed) ?: []),
                static fn (string $line): bool => '' !== $line,
            ),
        );
    }

    /**
     * A roster as it is typed: a decal on each line, its own lines parted by a stroke.
     *
     * @return list<list<string>>
     */
    public static function roster(string $typed): array
    {
        return array_map(
            static fn (string $line): array => array_values(
                array_filter(array_map(trim(...), explode('|', $line)), static fn (string $part): bool => '' !== $part),
            ) ?: [$line],
            self::lines($typed),
        );
    }
}
