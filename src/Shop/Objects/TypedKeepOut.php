<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

/** A part that has to stay free, as it was typed: what it is, and its lengths to the middle of it. */
final readonly class TypedKeepOut
{
    public function __construct(
        public string $what = 'other',
        public string $x = '',
        public string $y = '',
        public string $width = '',
        public string $height = '',
    ) {
    }

    /** @param array<mixed> $kept */
    public static function fromKept(array $kept): self
    {
        $of = static fn (string $key): string => \is_string($kept[$key] ?? null) ? $kept[$key] : '';

        return new self($of('what'), $of('x'), $of('y'), $of('width'), $of('height'));
    }
}
