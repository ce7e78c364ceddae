<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/** One closed outline for the knife, µm, and the film layer it is cut from. */
final readonly class Contour
{
    /**
     * @param list<array{int, int}> $points the first is not repeated
     * @param bool                  $inside is it a hole in the film that stays?
     */
    public function __construct(public array $points, public bool $inside, public string $film = '')
    {
    }

    /**
     * This outline begun at another corner.
     *
     * @param int $corner its number in the outline
     */
    public function from(int $corner): self
    {
        return new self(
            [...\array_slice($this->points, $corner), ...\array_slice($this->points, 0, $corner)],
            $this->inside,
            $this->film,
        );
    }
}
