<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Geometry\SvgPath;

/** A piece of film like the object's own outline less so much, as a drawing: a backing, a pane covered whole. */
final readonly class Backing
{
    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * @param int|null $less µm; the object's clearance where left out
     *
     * @return string an SVG document of its true size
     *
     * @throws Refusals where nothing is left of it, or a flat piece does not lie on it
     */
    public function svg(MeasuredObject $object, ?int $less): string
    {
        $rules = $this->rules->current();
        if ($object->kind()->isCurved()) {
            throw Refusals::at('less', 'A flat piece of its own outline does not lie on a ball or a taper.');
        }
        $surface = $object->kept($rules);
        $region = $surface->safe($less ?? $surface->clearance($rules))->region();
        if ($region->isEmpty()) {
            throw Refusals::at('less', 'Less so much nothing is left of it. Take off less.');
        }
        $box = $region->box();
        $region = $region->moved(-$box->left, -$box->top);
        [$width, $height] = [$box->width() / 1000, $box->height() / 1000];

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s"><path '
                .'fill="#000000" fill-rule="evenodd" d="%3$s"/></svg>',
            $width,
            $height,
            SvgPath::write($region),
        );
    }
}
