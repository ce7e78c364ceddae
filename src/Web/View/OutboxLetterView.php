<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Post\Letter;

/** A letter that would have been sent. */
final readonly class OutboxLetterView
{
    public function __construct(public int $id, public string $at, public string $to, public string $from, public string $subject, public string $body)
    {
    }

    public static function from(Letter $letter): self
    {
        return new self($letter->id(), $letter->takenAt()->format(\DATE_ATOM), $letter->receiver(), $letter->sender(), $letter->subject(), $letter->body());
    }
}
