<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Every word with its cases drawn. */
final readonly class CasesView
{
    /** @param list<WordCasesView> $words */
    public function __construct(public array $words)
    {
    }
}
