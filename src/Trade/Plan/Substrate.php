<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Measure\Size;

/** What a decal is put on, as far as it decides how. */
final readonly class Substrate
{
    /**
     * @param Size   $size    its box, laid flat
     * @param bool   $inside  stuck inside glass and read from outside
     * @param Edge   $edge    what becomes of film that reaches over its edge
     * @param int    $corners where it is cut in to be folded under; 0 where it is round
     * @param string $cures   until when the paint on it cures, in words; empty where it is cured, or none
     * @param bool   $young   alcohol would harm that paint
     * @param LevelLine|null $level of a thing that stands on its base and can be turned: where the art's foot is
     * @param array{int, int}|null $along of a taper, along its wall: from the middle of its front to the middle of the
     *     art, and from its upper edge down to its top, µm
     * @param list<array{string, int, int}> $features parts of it that can be reached, and from the middle of each to
     *     the middle of the art, right and down, µm
     */
    public function __construct(
        public Shape $shape,
        public Size $size,
        public ?Material $material = null,
        public bool $inside = false,
        public Edge $edge = Edge::Within,
        public int $corners = 4,
        public string $cures = '',
        public bool $young = false,
        public ?LevelLine $level = null,
        public ?array $along = null,
        public array $features = [],
    ) {
    }
}
