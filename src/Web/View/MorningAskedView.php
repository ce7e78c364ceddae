<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What a customer asked to be different. */
final readonly class MorningAskedView
{
    /**
     * @param int $number the number of the docket
     * @param string $tag as it is shown
     * @param string $by who asked
     * @param string $note what they want
     * @param string $at when, ISO 8601
     */
    public function __construct(
        public int $number,
        public string $tag,
        public string $by,
        public string $note,
        public string $at,
    ) {
    }
}
