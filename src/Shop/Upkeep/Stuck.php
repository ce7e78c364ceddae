<?php

declare(strict_types=1);

namespace Yelbo\Shop\Upkeep;

/** A record in a state from which nothing leads on by itself, and the rule by which it is mended. */
final readonly class Stuck
{
    /**
     * @param string           $what what stands where, as a sentence
     * @param string           $rule how it is mended, as a sentence
     * @param \Closure(): void $mend does it, in the transaction that is open
     */
    public function __construct(public string $what, public string $rule, public \Closure $mend)
    {
    }
}
