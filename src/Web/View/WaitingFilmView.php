<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A film for which pieces wait. */
final readonly class WaitingFilmView
{
    /**
     * @param FilmView    $film     the film
     * @param int         $pieces   how many wait for it
     * @param int         $late     how many of them will not be ready in time
     * @param int         $recut    how many of them are cut again
     * @param CutProposalView|null $proposal when to cut it by the plan of the week; null as long as there is none
     * @param string|null $neededAt when the first of them has to be ready for use, ISO 8601
     */
    public function __construct(
        public FilmView $film,
        public int $pieces,
        public int $late,
        public int $recut,
        public ?string $neededAt,
        public ?CutProposalView $proposal,
    ) {
    }
}
