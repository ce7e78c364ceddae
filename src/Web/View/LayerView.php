<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Layer;

/**
 * One layer of a decal, in the frame all its layers share; the film by its number on the shelf, none for the order's
 * own.
 */
final readonly class LayerView
{
    /**
     * @param string $role top, colour, offset or base
     * @param string $path the outlines as path data, mm
     * @param int|null $film the number of its film; null for the film of the order
     * @param SizeView $size of this layer by itself
     * @param PictureView|null $picture what is printed inside; null of film that is cut alone
     * @param float|null $area the film that stays of it, cm²; not known of old proofs
     */
    public function __construct(
        public string $role,
        public string $path,
        public ?int $film,
        public SizeView $size,
        public ?float $area,
        public ?PictureView $picture = null,
    ) {
    }

    /**
     * @param list<Layer>    $layers
     * @param list<int|null> $films  of each, none for the order's own
     * @param PlacedPicture|null $picture printed inside the top one, in the frame of all
     *
     * @return list<self>
     */
    public static function all(array $layers, array $films, ?PlacedPicture $picture = null): array
    {
        return array_map(
            static fn (Layer $layer, int $nth): self => new self(
                $layer->role,
                SvgPath::write($layer->region),
                $films[$nth] ?? null,
                SizeView::box($layer->region->box()),
                $layer->area(),
                0 === $nth && null !== $picture ? PictureView::from($picture) : null,
            ),
            $layers,
            array_keys($layers),
        );
    }
}
