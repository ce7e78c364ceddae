<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Post\LetterRun;
use Yelbo\Shop\Post\LetterState;

/** What became of a letter. */
final readonly class LetterRunView
{
    /**
     * @param LetterState $state where it is
     * @param int $tries how often it was brought to the post
     * @param string $says what the post said when it did not take it
     * @param bool $forgotten whether it waits, and nobody brings it to the post any more
     * @param string|null $nextAt when it is tried next, ISO 8601
     */
    public function __construct(
        public LetterState $state,
        public int $tries,
        public string $says,
        public bool $forgotten,
        public ?string $nextAt,
    ) {
    }

    public static function from(LetterRun $letter, \DateTimeImmutable $now): ?self
    {
        $state = $letter->state();

        return null === $state
            ? null
            : new self(
                $state,
                $letter->tries(),
                $letter->says(),
                $letter->isForgotten($now),
                $letter->nextAt()?->format(\DATE_ATOM),
            );
    }
}
