<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Log\LogEntry;

/** A line of the book. */
final readonly class LogLineView
{
    public function __construct(public int $id, public string $at, public string $who, public string $what, public string $says, public ?int $docket, public ?int $piece)
    {
    }

    public static function from(LogEntry $entry): self
    {
        return new self($entry->id(), $entry->at()->format(\DATE_ATOM), $entry->who(), $entry->what(), $entry->says(), $entry->docket(), $entry->piece());
    }
}
