<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One spelling of a word, drawn. */
final readonly class CaseView
{
    public function __construct(public string $text, public string $path, public SizeView $size)
    {
    }
}
