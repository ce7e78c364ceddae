<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The shop closes, or somebody is away. */
final readonly class DayOffRequest
{
    /**
     * @param int|null $who number of the worker; null for the shop
     * @param string $first the first day, as typed
     * @param string $last the last day, as typed; the same where left empty
     * @param string $why in a few words
     */
    public function __construct(
        public ?int $who = null,
        public string $first = '',
        public string $last = '',
        public string $why = '',
    ) {
    }
}
