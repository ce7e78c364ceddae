<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Log\LogEntry;

/** A line of the book. */
final readonly class LogLineView
{
    /**
     * @param int $id its number in the records
     * @param string $at when, ISO 8601
     * @param string $who who did it
     * @param string $what the short name of what happened
     * @param string $says a sentence for the worker
     * @param int|null $docket the number of the docket it happened to
     * @param int|null $piece the number of the piece
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $who,
        public string $what,
        public string $says,
        public ?int $docket,
        public ?int $piece,
    ) {
    }

    public static function from(LogEntry $entry): self
    {
        return new self(
            $entry->id(),
            $entry->at()->format(\DATE_ATOM),
            $entry->who(),
            $entry->what(),
            $entry->says(),
            $entry->docket(),
            $entry->piece(),
        );
    }
}
