<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

/** When what waits for a film should be cut: at once, by a moment, or later together with what comes. */
final readonly class CutProposal
{
    /**
     * @param bool                    $now   to be cut before anything else
     * @param \DateTimeImmutable|null $by    at the latest, so that nothing gets late; none where nothing presses
     * @param string                  $says  in a sentence
     * @param string                  $price what waiting saves in film and minutes and costs in days; empty where
     *     nothing comes that could be cut with it
     */
    public function __construct(
        public bool $now,
        public ?\DateTimeImmutable $by,
        public string $says,
        public string $price,
    ) {
    }
}
