<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What is approved and waits for film. */
final readonly class WaitingView
{
    /**
     * @param list<WaitingFilmView> $films  by film, that due soonest first
     * @param int|null              $film   the number of the film whose pieces are given; null where nothing waits
     * @param list<PieceView>       $pieces of that film, due soonest first; not all where there are very many
     */
    public function __construct(public array $films, public ?int $film, public array $pieces)
    {
    }
}
