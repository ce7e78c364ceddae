<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What can go over a decal, or behind it. */
final readonly class FinishView
{
    /**
     * @param string $value its short name
     * @param string $label as it is shown
     * @param string $says what it stands and takes, in a sentence or two
     */
    public function __construct(public string $value, public string $label, public string $says)
    {
    }
}
