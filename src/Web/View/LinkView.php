<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\ProofLink;

/** A link that was given; where it leads is known only when it is made. */
final readonly class LinkView
{
    /**
     * @param int $id its number in the records
     * @param int $proof which version of the proof, from 1
     * @param string $madeAt when it was made, ISO 8601
     * @param string $expiresAt when it stops working, ISO 8601
     * @param string $sentTo the address it was sent to; empty where it was not
     * @param string|null $openedAt when it was first opened, ISO 8601
     * @param string $state open, expired or withdrawn
     * @param LetterRunView|null $letter what became of the letter it was sent by; none where it was copied
     */
    public function __construct(
        public int $id,
        public int $proof,
        public string $madeAt,
        public string $expiresAt,
        public string $sentTo,
        public ?string $openedAt,
        public string $state,
        public ?LetterRunView $letter,
    ) {
    }

    public static function from(ProofLink $link, \DateTimeImmutable $now): self
    {
        return new self(
            $link->id(),
            $link->proof()->nth(),
            $link->madeAt()->format(\DATE_ATOM),
            $link->expiresAt()->format(\DATE_ATOM),
            $link->sentTo(),
            $link->openedAt()?->format(\DATE_ATOM),
            match (true) {
                $link->isWithdrawn() => 'withdrawn',
                !$link->isOpen($now) => 'expired',
                default => 'open',
            },
            LetterRunView::from($link->letter(), $now),
        );
    }
}
