<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/** Remembers for as long as the process lives. */
final class InMemoryCache implements Cache
{
    private const MOST = 2000;

    /** @var array<string, mixed> */
    private array $kept = [];

    public function recall(string $key, \Closure $make): mixed
    {
        if (!\array_key_exists($key, $this->kept)) {
            if (\count($this->kept) >= self::MOST) {
                array_shift($this->kept);
            }
            $this->kept[$key] = $make();
        }

        return $this->kept[$key];
    }
}
