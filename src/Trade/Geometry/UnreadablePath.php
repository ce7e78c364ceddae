<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

use Yelbo\Trade\Refused;

/** SVG path data that cannot be read or is not a closed, sensible outline. */
final class UnreadablePath extends Refused
{
    /** It could be read, but no drawing has so much of it. */
    public bool $absurd = false;

    /** It is longer, larger or finer than anything that is cut. */
    public static function absurd(string $sentence): self
    {
        $unreadable = self::because($sentence);
        $unreadable->absurd = true;

        return $unreadable;
    }

    /** It breaks a rule of path data. */
    public static function because(string $sentence): self
    {
        return new self('unreadable-path', $sentence);
    }
}
