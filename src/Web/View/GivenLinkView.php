<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A new link, shown once. */
final readonly class GivenLinkView
{
    public function __construct(public string $url, public LinkView $link)
    {
    }
}
