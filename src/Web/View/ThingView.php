<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Geometry\SvgPath;

/** The customer's object laid flat, and what a tape along its wall says; its outline is a guide. */
final readonly class ThingView
{
    public function __construct(public string $name, public string $surface, public string $says, public SizeView $size, public SizeView $wall, public string $outline, public int $panes, public ?string $material)
    {
    }

    public static function of(Thing $thing): self
    {
        $surface = $thing->surface();

        return new self($thing->name(), $thing->kind()->value, $thing->kind()->says(), SizeView::of($surface->size()), SizeView::of($surface->wall()), SvgPath::write($surface->outline()), $thing->panes(), $thing->material()?->says());
    }
}
