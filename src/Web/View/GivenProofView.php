<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What a customer sees behind a link: this order's proof, and nothing else of the shop. */
final readonly class GivenProofView
{
    /**
     * @param string         $state  waiting, approved, outdated or closed
     * @param list<ChangeRequestView> $changeRequests
     */
    public function __construct(public string $shop, public string $tag, public string $customer, public string $state, public string $says, public ProofView $proof, public array $changeRequests)
    {
    }
}
