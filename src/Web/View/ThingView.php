<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Geometry\SvgPath;

/** The customer's object; its outline is a guide. */
final readonly class ThingView
{
    public function __construct(public string $name, public string $surface, public SizeView $size, public string $outline)
    {
    }

    public static function of(Thing $thing): self
    {
        return new self($thing->name(), $thing->kind(), SizeView::of($thing->size()), SvgPath::write($thing->surface()->outline()));
    }
}
