<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

/** What was learned of what came back to be cut again. */
final readonly class Comebacks
{
    /**
     * @param list<Tally>    $films     by film
     * @param list<Tally>    $parts     by film and smallest part
     * @param list<Tally>    $faces     by face
     * @param list<Proposal> $proposals limits that this contradicts
     */
    public function __construct(public array $films, public array $parts, public array $faces, public array $proposals)
    {
    }
}
