<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/** Something of a drawing that was put right, or that cannot be cut and was left out: by name, and how often. */
final readonly class Note
{
    public const LEFT_OUT = 'left-out';
    public const PUT_RIGHT = 'put-right';

    public function __construct(public string $kind, public string $what, public int $count, public string $says)
    {
    }
}
