<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A calendar link, told this once. */
final readonly class FeedView
{
    /**
     * @param string $url the whole address
     */
    public function __construct(public string $url)
    {
    }
}
