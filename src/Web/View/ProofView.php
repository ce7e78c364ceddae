<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\ProofPage;

/** A frozen version of what will be cut of one thing, with all it says. Paths in mm, the price in minor units. */
final readonly class ProofView
{
    /**
     * @param int $nth which version it is, from 1
     * @param int $item which thing of the order it shows
     * @param string $madeAt when it was made, ISO 8601
     * @param ProofArtView $art what is drawn
     * @param string|null $approvedAt when the customer said yes, ISO 8601
     * @param string|null $approvedBy who said yes
     * @param ProofWordsView $heard the words as they were given, and how those drawn differ
     * @param ProofObjectView $on what it goes on
     * @param ProofNotesView $notes what is to be read beside the drawing
     * @param ProofTermsView $terms how many, where and by when, and what it costs
     */
    public function __construct(
        public int $nth,
        public int $item,
        public string $madeAt,
        public ProofArtView $art,
        public ?string $approvedAt,
        public ?string $approvedBy,
        public ProofWordsView $heard,
        public ProofObjectView $on,
        public ProofNotesView $notes,
        public ProofTermsView $terms,
    ) {
    }

    /** @param array<string, string> $paths path data by the hash of each outline */
    public static function from(ProofPage $proof, array $paths): self
    {
        $facts = $proof->frozen();

        return new self(
            $proof->nth(),
            $proof->item()->nth(),
            $proof->madeAt()->format(\DATE_ATOM),
            ProofArtView::from($proof, $facts, $paths),
            $proof->approvedAt()?->format(\DATE_ATOM),
            $proof->approvedBy(),
            new ProofWordsView(
                $facts->asked,
                $proof->spelling(),
                array_map(ReadOutView::from(...), $proof->readOut()),
            ),
            ProofObjectView::from($facts->on),
            ProofNotesView::from($facts->notes),
            ProofTermsView::from($facts),
        );
    }
}
