<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Access\SecurityEvent;

/** A line of the log of what concerns who may do what. */
final readonly class SecurityEventView
{
    /**
     * @param int $id its number in the records
     * @param string $at when it happened, ISO 8601
     * @param string $what its kind
     * @param string $who who did it, or tried to
     * @param string $address from which address; empty where it was no request
     * @param string $says what happened, as a sentence
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $what,
        public string $who,
        public string $address,
        public string $says,
    ) {
    }

    public static function from(SecurityEvent $event): self
    {
        return new self(
            $event->id(),
            $event->at()->format(\DATE_ATOM),
            $event->what(),
            $event->who(),
            $event->address(),
            $event->says(),
        );
    }
}
