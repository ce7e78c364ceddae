<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\ProofLink;

/** A link that was given; where it leads is known only when it is made. */
final readonly class LinkView
{
    public function __construct(public int $id, public int $proof, public string $madeAt, public string $expiresAt, public string $sentTo, public ?string $openedAt, public string $state)
    {
    }

    public static function from(ProofLink $link, \DateTimeImmutable $now): self
    {
        return new self($link->id(), $link->proof()->nth(), $link->madeAt()->format(\DATE_ATOM), $link->expiresAt()->format(\DATE_ATOM), $link->sentTo(), $link->openedAt()?->format(\DATE_ATOM),
            match (true) {
                $link->isWithdrawn() => 'withdrawn',
                !$link->isOpen($now) => 'expired',
                default => 'open',
            });
    }
}
