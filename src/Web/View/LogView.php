<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A page of the book, newest first, and where the next one begins. */
final readonly class LogView
{
    /**
     * @param list<LogLineView> $lines its lines
     * @param int|null $before where the next page begins; null at the end
     */
    public function __construct(public array $lines, public ?int $before)
    {
    }
}
