<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** The films that go on the same thing as a decal. */
final readonly class OtherFilms
{
    /**
     * @param list<string> $under  tags of the layers it is joined with, the nearest first
     * @param list<string> $beside tags of what goes on before it and touches it nowhere, the largest first
     * @param int          $films  that are on the thing in all, what lies underneath left out
     */
    public function __construct(public array $under = [], public array $beside = [], public int $films = 1)
    {
    }
}
