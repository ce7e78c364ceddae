<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Trade\Geometry\SvgPath;

/** The customer's object laid flat, and what a tape along its wall says; its outline is a guide. */
final readonly class ObjectView
{
    public function __construct(public string $name, public string $surface, public string $label, public SizeView $size, public SizeView $wall, public string $outline, public int $panes, public ?string $material)
    {
    }

    public static function from(MeasuredObject $object): self
    {
        $surface = $object->surface();

        return new self($object->name(), $object->kind()->value, $object->kind()->label(), SizeView::from($surface->size()), SizeView::from($surface->wall()), SvgPath::write($surface->outline()), $object->panes(), $object->material()?->label());
    }
}
