<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** It is done. */
final readonly class DoneView
{
    /**
     * @param bool $done whether it is done
     */
    public function __construct(public bool $done = true)
    {
    }
}
