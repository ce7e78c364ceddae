<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

/** A part that has to stay free, as it was typed: what it is, and its lengths to the middle of it. */
final readonly class TypedKeepOut
{
    /**
     * @param string $what which it is
     * @param string $x from the left of the object, as typed
     * @param string $y from the top of the object, as typed
     * @param string $width from left to right, mm
     * @param string $height from top to bottom, mm
     * @param string $name what it is called, where there are several of a kind: left handle
     */
    public function __construct(
        public string $what = 'other',
        public string $x = '',
        public string $y = '',
        public string $width = '',
        public string $height = '',
        public string $name = '',
    ) {
    }

    /** @param array<mixed> $kept */
    public static function fromKept(array $kept): self
    {
        $of = static fn (string $key): string => \is_string($kept[$key] ?? null) ? $kept[$key] : '';

        return new self($of('what'), $of('x'), $of('y'), $of('width'), $of('height'), $of('name'));
    }
}
