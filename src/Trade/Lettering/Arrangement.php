<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** How words are set. Source: handbook section 4. */
enum Arrangement: string
{
    case Line = 'line';
    case Stack = 'stack';
}
