<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What a customer sees behind a link: this order's proof, and nothing else of the shop. */
final readonly class GivenProofView
{
    /**
     * @param string         $state  waiting, approved, outdated or closed
     * @param list<ChangeRequestView> $changeRequests what the customer asked to be different
     * @param string $shop the name of the shop
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $customer who ordered it
     * @param string $says where it stands, in a sentence
     * @param GivenQuoteView|null $quote what it costs; null where that is still open
     * @param VersionView $proof the version of the proof the link shows
     */
    public function __construct(
        public string $shop,
        public string $tag,
        public string $customer,
        public string $state,
        public string $says,
        public VersionView $proof,
        public array $changeRequests,
        public ?GivenQuoteView $quote,
    ) {
    }
}
