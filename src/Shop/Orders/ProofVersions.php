<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** The versions of an order's proof: of each a page for every thing. */
final readonly class ProofVersions
{
    /** @param list<ProofPage> $pages of all versions, the oldest first */
    public function __construct(private array $pages)
    {
    }

    /** @return list<non-empty-list<ProofPage>> the oldest first */
    public function all(): array
    {
        $versions = [];
        foreach ($this->pages as $page) {
            $versions[$page->nth()][] = $page;
        }
        ksort($versions);

        return array_values($versions);
    }

    /** @return list<ProofPage> the pages of one version, from 1; none where there is no such version */
    public function version(int $nth): array
    {
        return array_values(array_filter($this->pages, static fn (ProofPage $page): bool => $page->nth() === $nth));
    }

    /** @return list<ProofPage> the pages of the newest version; none where there is none */
    public function newest(): array
    {
        $last = array_key_last($this->pages);

        return null === $last ? [] : $this->version($this->pages[$last]->nth());
    }

    /** Whether a page belongs to the newest version. */
    public function isNewest(ProofPage $page): bool
    {
        return \in_array($page, $this->newest(), true);
    }

    /** The page of the newest version that shows one of its things; none where it was not frozen yet. */
    public function pageOf(Item $item): ?ProofPage
    {
        foreach ($this->newest() as $page) {
            if ($page->item() === $item) {
                return $page;
            }
        }

        return null;
    }
}
