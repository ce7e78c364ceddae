<?php

declare(strict_types=1);

namespace Yelbo\Trade\Measure;

use Yelbo\Trade\Refused;

/** A length that cannot be read, or that no object in the shop can have. */
final class UnreadableLength extends Refused
{
    /** It is not written as a length. */
    public static function written(string $text): self
    {
        $shown = mb_substr($text, 0, 40);

        return new self(
            'unreadable-length',
            "“{$shown}” is not a length. Write it like 108mm, 10.8 cm, 4 1/4 or 2' 3\".",
        );
    }

    /** It is longer than anything that is measured here. */
    public static function beyond(string $text): self
    {
        return new self(
            'absurd-length',
            "“{$text}” is more than 100 m, which no decal reaches. Check the figure and its unit.",
        );
    }
}
