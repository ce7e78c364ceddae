<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A surface nobody knows: nothing is measured of it, and reading it says so. */
final readonly class TypedUnknown implements TypedSurface
{
    /** @param string $surface as it was typed */
    public function __construct(private string $surface)
    {
    }

    public function kind(): string
    {
        return $this->surface;
    }

    public function measure(string $name): string
    {
        return '';
    }

    public function toArray(): array
    {
        return [];
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return ['surface' => $this->surface];
    }
}
