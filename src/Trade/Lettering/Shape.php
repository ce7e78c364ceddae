<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** The solid that letters are knocked out of. Source: handbook section 4. */
enum Shape: string
{
    case Rectangle = 'rectangle';
    case Rounded = 'rounded';
    case Ellipse = 'ellipse';
    case Polygon = 'polygon';
}
