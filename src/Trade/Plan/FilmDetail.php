<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\CutPart;

/** What of a decal's film hands have to look out for. */
final readonly class FilmDetail
{
    /**
     * @param list<CutPart> $parts it was cut in; none where it was cut whole
     * @param int           $count of parts that stay, dots and accents among them; 0 where it is not known
     * @param list<int>     $gaps  between letters, where tape can be snipped: from the art's left, µm
     * @param int           $loose parts that stay inside an opening of another and hang on nothing
     * @param list<array{int, int, int}> $solid where film is widest: the middle of the circle in it from the art's left
     *     and top, and its radius, µm
     * @param list<array{int, int, int}> $onSeams which part from the left lies on a seam or a joint, of how many, and
     *     where the seam runs from the art's left, µm
     */
    public function __construct(
        public array $parts = [],
        public int $count = 0,
        public array $gaps = [],
        public int $loose = 0,
        public array $solid = [],
        public array $onSeams = [],
    ) {
    }
}
