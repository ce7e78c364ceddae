<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Access\SignedIn;

/** Somebody who is signed in, in one browser. */
final readonly class SignedInView
{
    /**
     * @param int $id its number in the records
     * @param string $name who it is
     * @param string $at since when, ISO 8601
     * @param string $seenAt when something was last asked for, to the minute, ISO 8601
     * @param string $address from which address
     * @param string $browser what the browser says it is
     * @param bool $isThis whether it is the one that asks
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $at,
        public string $seenAt,
        public string $address,
        public string $browser,
        public bool $isThis,
    ) {
    }

    public static function from(SignedIn $one, bool $isThis): self
    {
        return new self(
            $one->id(),
            $one->worker()->name(),
            $one->at()->format(\DATE_ATOM),
            $one->seenAt()->format(\DATE_ATOM),
            $one->address(),
            $one->browser(),
            $isThis,
        );
    }
}
