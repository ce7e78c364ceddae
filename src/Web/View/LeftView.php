<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece that did not go on, and why. */
final readonly class LeftView
{
    /**
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $says why it stays for the next batch
     */
    public function __construct(public string $tag, public string $says)
    {
    }
}
