<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A word as it is typed and its other cases; its line and its place in it, counted from nought. */
final readonly class WordCasesView
{
    /**
     * @param list<CaseView> $cases the ways the word can be written
     * @param int $line which line, from 0
     * @param int $nth which word of the line, from 0
     */
    public function __construct(public int $line, public int $nth, public array $cases)
    {
    }
}
