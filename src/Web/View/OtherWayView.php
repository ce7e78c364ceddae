<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Plan\OtherWay;

/** The other school's way of doing a step. */
final readonly class OtherWayView
{
    /**
     * @param string $title in a few words
     * @param string $why why one would, a sentence
     */
    public function __construct(public string $title, public string $why)
    {
    }

    public static function from(OtherWay $other): self
    {
        return new self($other->title, $other->why);
    }
}
