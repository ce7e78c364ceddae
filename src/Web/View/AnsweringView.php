<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Links given to a customer, and what was said by them. */
final readonly class AnsweringView
{
    /**
     * @param list<LinkView> $links
     * @param list<ChangeRequestView> $changeRequests
     */
    public function __construct(public array $links, public array $changeRequests)
    {
    }
}
