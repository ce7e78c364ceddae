<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\SetProposals;
use Yelbo\Trade\Lettering\Words;

/**
 * One decal of a set as it is looked at. Lengths in µm.
 *
 * @phpstan-import-type Proposal from SetProposals
 */
final readonly class DrawnMember
{
    /**
     * @param int                 $capHeight its letter height
     * @param int                 $alone     the letter height it could have by itself
     * @param list<int|null>      $films     of its layers, the top one first
     * @param array{int, int}     $at        left and top on the object
     * @param bool                $inside    does every point lie in the safe area?
     * @param bool                $canBeCut  at the letter height of the set
     * @param string              $verdict   the same in words
     * @param list<Proposal>|null $proposals what would help one that holds the others back; none for the others
     */
    public function __construct(
        public Words $words,
        public int $capHeight,
        public int $alone,
        public Artwork $artwork,
        public array $films,
        public array $at,
        public bool $inside,
        public bool $canBeCut,
        public string $verdict,
        public ?array $proposals,
    ) {
    }
}
