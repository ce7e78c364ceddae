<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/**
 * What the core says when it is asked for something that cannot be done.
 *
 * The message is one sentence for a shop worker that says what was wrong and what would be
 * right; the reason is a short code for programs.
 */
class Refused extends \DomainException
{
    final public function __construct(public readonly string $reason, string $sentence, public readonly string $at = '')
    {
        parent::__construct($sentence);
    }

    /** This refusal, found at a deeper place of a document (a JSON pointer). */
    public function under(string $pointer): static
    {
        return new static($this->reason, $this->getMessage(), $pointer.$this->at);
    }
}
