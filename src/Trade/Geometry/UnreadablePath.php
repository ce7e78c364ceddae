<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

use Yelbo\Trade\Refused;

/** SVG path data that cannot be read or is not a closed, sensible outline. */
final class UnreadablePath extends Refused
{
    /** Readable, but no drawing has so much of it. */
    public static function absurd(string $sentence): self
    {
        return new self('absurd-path', $sentence);
    }

    public static function because(string $sentence): self
    {
        return new self('unreadable-path', $sentence);
    }
}
