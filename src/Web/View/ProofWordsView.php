<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The words as they were given, and how those drawn differ. */
final readonly class ProofWordsView
{
    /**
     * @param list<string> $asked the words as the customer gave them
     * @param list<string> $spelling how the words drawn differ from those
     * @param list<ReadOutView> $readOut every line letter by letter
     */
    public function __construct(
        public array $asked,
        public array $spelling,
        public array $readOut,
    ) {
    }
}
