<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Proofs\ChangeRequest;
use Yelbo\Shop\Proofs\ProofLink;

/**
 * What somebody has to know before the day begins.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Order from WeekBoard
 */
final readonly class MorningList
{
    /**
     * @param list<array{entry: Entry, order: Order, why: string}> $first    what is done first, and why
     * @param list<Order>                                          $late     what comes late by the plan
     * @param list<array{
     *     number: int,
     *     label: string,
     *     customer: string,
     *     things: int,
     *     thing: int,
     * }> $handOver ready to go out
     * @param list<ChangeRequest>                                  $asked    what customers asked, not answered yet
     * @param list<ProofLink>                                      $letters  whose letters did not go out
     * @param list<array{string, string}>                          $low      what is low on the shelf, and how low
     */
    public function __construct(
        public array $first,
        public array $late,
        public array $handOver,
        public array $asked,
        public array $letters,
        public array $low,
        public bool $planned,
    ) {
    }
}
