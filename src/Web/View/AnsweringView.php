<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Links given to a customer, and what was said by them. */
final readonly class AnsweringView
{
    /**
     * @param list<LinkView> $links the links sent to the customer, newest first
     * @param list<ChangeRequestView> $changeRequests what the customer asked to be different
     */
    public function __construct(public array $links, public array $changeRequests)
    {
    }
}
