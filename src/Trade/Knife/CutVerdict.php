<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/** How a cut came out. Source: handbook section 8. */
enum CutVerdict: string
{
    /** The film is not through. */
    case Shallow = 'shallow';
    /** It weeds cleanly, the liner is scored only. */
    case Clean = 'clean';
    /** The liner is cut. */
    case Deep = 'deep';
}
