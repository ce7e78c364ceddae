<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that is low on the shelf. */
final readonly class MorningLowView
{
    /**
     * @param string $name what it is
     * @param string $says how much there is, and how much is wanted
     */
    public function __construct(public string $name, public string $says)
    {
    }
}
