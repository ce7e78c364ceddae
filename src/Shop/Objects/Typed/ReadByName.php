<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** What was typed of a surface, by the names of its measures. */
trait ReadByName
{
    public function kind(): string
    {
        return self::KIND;
    }

    public function measure(string $name): string
    {
        return $this->toArray()[$name] ?? '';
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return array_filter(get_object_vars($this), is_string(...));
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return ['surface' => self::KIND] + $this->toArray();
    }
}
