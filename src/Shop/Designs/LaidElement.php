<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;

/**
 * An element at its size, in its place on an object.
 *
 * @phpstan-import-type Distances from DrawnDesign
 */
final readonly class LaidElement
{
    /**
     * @param int       $nth       its place in the list, from 0
     * @param Distances $distances from it to edges, middle, parts and what lies beside it
     */
    public function __construct(
        public int $nth,
        public DesignElement $element,
        public Fitted $fitted,
        public array $distances,
    ) {
    }

    /**
     * Its films from bottom to top, in the object's frame: more than one of a drawing of several colours, and of words
     * with a rim.
     *
     * @return non-empty-list<array{int|null, Region}> the film by its number, none for the item's own
     */
    public function layers(): array
    {
        $own = array_values(array_unique($this->element->films)) ?: [$this->element->film];
        $films = [...$own, ...array_column($this->element->layers, 'film')];

        return array_reverse(
            array_map(
                fn (Layer $layer, int $nth): array => [
                    $films[$nth] ?? $this->element->film,
                    $layer->region->moved(...$this->fitted->at),
                ],
                $this->fitted->artwork->layers,
                array_keys($this->fitted->artwork->layers),
            ),
        );
    }
}
