<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One spelling of a word, drawn. */
final readonly class CaseView
{
    /**
     * @param string $text the words so written
     * @param string $path the outlines as path data, mm
     * @param SizeView $size over all
     */
    public function __construct(public string $text, public string $path, public SizeView $size)
    {
    }
}
