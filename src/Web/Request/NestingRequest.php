<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Pieces of one film to be laid out in the background; from all stock of it where none is named. */
final readonly class NestingRequest
{
    /**
     * @param list<ChosenPiece> $pieces the pieces it is about
     * @param list<int>         $split pieces to be cut in parts where there is much empty film
     * @param int $film the number of the film
     * @param string $boxes weed boxes: none, each piece or each order
     * @param int|null $stock the number of the only stock to cut from; null for all
     */
    public function __construct(
        public int $film,
        #[Assert\Count(max: 500, maxMessage: 'At most 500 pieces at a time.')]
        public array $pieces,
        #[Assert\Count(max: 500)]
        public array $split = [],
        #[Assert\Choice(choices: ['none', 'piece', 'order'])]
        public string $boxes = 'none',
        public ?int $stock = null,
    ) {
    }
}
