<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Enough;

/** Whether there is enough on the shelf for an order. */
final readonly class EnoughView
{
    /**
     * @param float $film film it will take, about, m²
     * @param int $doubt more or less, per cent
     * @param float $shelf of that film on the shelf, m²
     * @param float $buy film to buy, m²; 0 where there is enough
     * @param string $tapeKind what kind of tape it takes
     * @param SupplyNeedView|null $tape the tape it takes; none where there is none of that kind
     * @param SupplyNeedView|null $blank what it goes on, where the shop sells that too
     */
    public function __construct(
        public float $film,
        public int $doubt,
        public float $shelf,
        public float $buy,
        public string $tapeKind,
        public ?SupplyNeedView $tape,
        public ?SupplyNeedView $blank,
    ) {
    }

    public static function from(Enough $enough): self
    {
        return new self(
            $enough->filmNeeded(),
            $enough->doubtInPerCent(),
            $enough->onShelf(),
            $enough->toBuy(),
            $enough->tapeKind,
            null === $enough->tape ? null : SupplyNeedView::from($enough->tape, $enough->tapeNeeded),
            null === $enough->blank ? null : SupplyNeedView::from($enough->blank, $enough->blanks),
        );
    }
}
