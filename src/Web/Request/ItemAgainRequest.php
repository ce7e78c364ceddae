<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** An item again, with other words. */
final readonly class ItemAgainRequest
{
    /**
     * @param int $version of the docket it is added to, as it was read
     * @param int $docket the number of the docket it is taken from
     * @param int $item which thing of that one, from 1
     * @param string $words a line for each item: its words, then its film and how many where they differ, a semicolon
     *     between them; the same words where empty
     */
    public function __construct(
        public int $version,
        public int $docket,
        public int $item = 1,
        public string $words = '',
    ) {
    }
}
