<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\WeekBoard;

/**
 * A step of an order where the plan has it.
 *
 * @phpstan-import-type Entry from WeekBoard
 */
final readonly class WeekEntryView
{
    /**
     * @param int $docket the number of the docket
     * @param string $key which step of it
     * @param string $station where it is done
     * @param string $says in a word or two
     * @param int $hand who does it
     * @param bool $machine whether the machine runs for it
     * @param string $from when it begins, ISO 8601
     * @param string $to when it ends, ISO 8601
     * @param string $until until when something dries, rests or is waited for behind it, ISO 8601
     * @param bool $pinned whether somebody put it there
     */
    public function __construct(
        public int $docket,
        public string $key,
        public string $station,
        public string $says,
        public int $hand,
        public bool $machine,
        public string $from,
        public string $to,
        public string $until,
        public bool $pinned,
    ) {
    }

    /** @param Entry $entry */
    public static function from(array $entry): self
    {
        return new self(...$entry);
    }
}
