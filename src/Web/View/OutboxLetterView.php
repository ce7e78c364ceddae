<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Post\Letter;

/** A letter that would have been sent. */
final readonly class OutboxLetterView
{
    /**
     * @param int $id its number in the records
     * @param string $at when, ISO 8601
     * @param string $to the address it is sent to
     * @param string $from the address it comes from
     * @param string $subject the subject of the letter
     * @param string $body the text of the letter
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $to,
        public string $from,
        public string $subject,
        public string $body,
    ) {
    }

    /** @param string $text of the letter, opened */
    public static function from(Letter $letter, string $text): self
    {
        return new self(
            $letter->id(),
            $letter->takenAt()->format(\DATE_ATOM),
            $letter->receiver(),
            $letter->sender(),
            $letter->subject(),
            $text,
        );
    }
}
