<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/** Keeps what was computed once, by a hash of what it was computed from. */
interface Cache
{
    /**
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function recall(string $key, \Closure $make): mixed;
}
