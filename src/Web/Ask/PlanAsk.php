<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

use Symfony\Component\Validator\Constraints as Assert;

/** Pieces of one film to be laid out; the stock that serves first where none is named. */
final readonly class PlanAsk
{
    /** @param list<ChosenPiece> $pieces */
    public function __construct(
        public int $film,
        #[Assert\Count(max: 500, maxMessage: 'At most 500 pieces in one batch.')]
        public array $pieces,
        public ?int $stock = null,
    ) {
    }
}
