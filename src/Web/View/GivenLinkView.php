<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A new link, shown once. */
final readonly class GivenLinkView
{
    /**
     * @param string $url the address to send
     * @param LinkView $link the link itself
     */
    public function __construct(public string $url, public LinkView $link)
    {
    }
}
