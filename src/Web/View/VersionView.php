<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\ProofPage;

/** One version of an order's proof: a page for every thing. */
final readonly class VersionView
{
    /**
     * @param int $nth which version it is, from 1
     * @param string $madeAt when it was made, ISO 8601
     * @param string|null $approvedAt when the customer said yes to all of it, ISO 8601
     * @param string|null $approvedBy who said yes last
     * @param list<ProofView> $pages a page for every thing of the order
     */
    public function __construct(
        public int $nth,
        public string $madeAt,
        public ?string $approvedAt,
        public ?string $approvedBy,
        public array $pages,
    ) {
    }

    /**
     * @param non-empty-list<ProofPage>  $pages
     * @param non-empty-list<ProofView> $shown
     */
    public static function from(array $pages, array $shown): self
    {
        $last = ProofPage::lastApproved($pages);

        return new self(
            $pages[0]->nth(),
            $pages[0]->madeAt()->format(\DATE_ATOM),
            $last?->approvedAt()?->format(\DATE_ATOM),
            $last?->approvedBy(),
            $shown,
        );
    }
}
