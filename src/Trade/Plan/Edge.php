<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** What becomes of film that reaches over the edge of its object. */
enum Edge: string
{
    /** It does not. */
    case Within = 'within';
    case Trimmed = 'trimmed';
    case Folded = 'folded';
}
