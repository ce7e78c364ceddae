<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Object\SurfaceKind;

/** The customer's object laid flat, and what a tape along its wall says; its outline is a guide. */
final readonly class ObjectView
{
    /**
     * @param string $name as people call it
     * @param SurfaceKind $surface which shape of surface
     * @param string $label as it is shown
     * @param SizeView $size over all
     * @param SizeView $wall the size of the surface laid flat
     * @param string $outline the outline as path data, mm
     * @param int $panes how many panes or facets in a row are covered
     * @param string|null $material what the object is made of
     * @param string|null $colour its colour, #rrggbb; null where nobody said
     * @param string|null $photo the name of the photo laid on it
     */
    public function __construct(
        public string $name,
        public SurfaceKind $surface,
        public string $label,
        public SizeView $size,
        public SizeView $wall,
        public string $outline,
        public int $panes,
        public ?string $material,
        public ?string $colour,
        public ?string $photo,
    ) {
    }

    public static function from(MeasuredObject $object): self
    {
        $surface = $object->surface();

        return new self(
            $object->name(),
            $object->kind(),
            $object->kind()->label(),
            SizeView::from($surface->size()),
            SizeView::from($surface->wall()),
            SvgPath::write($surface->outline()),
            $object->panes(),
            $object->material()?->label(),
            $object->colour(),
            $object->photo(),
        );
    }
}
