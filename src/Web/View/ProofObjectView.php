<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\FrozenObject;

/** What it goes on. */
final readonly class ProofObjectView
{
    /**
     * @param string $object what it goes on
     * @param string $material what the object is made of, in words
     * @param SizeView $objectSize the size of the object
     * @param SizeView $wall the size of the surface laid flat
     * @param string $outline the outline as path data, mm
     * @param string $safe the safe area as path data, mm
     * @param string $keepOuts what is kept clear as path data, mm
     * @param int $panes how many panes or facets in a row are covered
     * @param string|null $colour of the object, #rrggbb; null where nobody said
     * @param string|null $photo name of the photo laid on the object
     */
    public function __construct(
        public string $object,
        public string $material,
        public SizeView $objectSize,
        public SizeView $wall,
        public string $outline,
        public string $safe,
        public string $keepOuts,
        public int $panes,
        public ?string $colour,
        public ?string $photo,
    ) {
    }

    public static function from(FrozenObject $on): self
    {
        return new self(
            $on->object,
            $on->material,
            SizeView::micrometres($on->width, $on->height),
            SizeView::micrometres($on->wallWidth, $on->wallHeight),
            $on->outline,
            $on->safe,
            $on->keepOuts,
            $on->panes,
            '' === $on->colour ? null : $on->colour,
            '' === $on->photo ? null : $on->photo,
        );
    }
}
