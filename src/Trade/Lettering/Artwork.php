<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;

/**
 * What travels through the shop: layers of film, each a region in µm, with one origin,
 * the top left corner of the box round all of them.
 */
final readonly class Artwork
{
    /** @param non-empty-list<Layer> $layers the top one first */
    private function __construct(public array $layers)
    {
    }

    /** @param non-empty-list<Layer> $layers in any one frame */
    public static function fromLayers(array $layers): self
    {
        $box = self::boxOf($layers);

        return new self(array_map(
            static fn (Layer $layer): Layer => new Layer($layer->role, $layer->region->moved(-$box->left, -$box->top)),
            $layers,
        ));
    }

    /** Round all layers, µm. */
    public function box(): Box
    {
        return self::boxOf($this->layers);
    }

    /** The letters, the layer on top. */
    public function top(): Region
    {
        return $this->layers[0]->region;
    }

    /** The layer that reaches furthest. */
    public function outermost(): Region
    {
        return $this->layers[\count($this->layers) - 1]->region;
    }

    /** @param non-empty-list<Layer> $layers */
    private static function boxOf(array $layers): Box
    {
        $box = $layers[0]->region->box();
        foreach ($layers as $layer) {
            $box = $box->around($layer->region->box());
        }

        return $box;
    }
}
