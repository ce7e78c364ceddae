<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A line as it is read out at the counter or on the phone. */
final readonly class ReadOutView
{
    /** @param list<LetterView> $letters */
    public function __construct(public string $line, public array $letters)
    {
    }
}
