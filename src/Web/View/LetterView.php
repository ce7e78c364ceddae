<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One letter and what it is called. */
final readonly class LetterView
{
    /**
     * @param string $letter one letter
     * @param string $says how it is read out
     */
    public function __construct(public string $letter, public string $says)
    {
    }
}
