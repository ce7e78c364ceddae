<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Answers;

/** An order, whole. */
final readonly class DocketView
{
    /**
     * @param list<string>      $words
     * @param list<PieceView>   $pieces
     * @param list<ProofView>   $proofs
     * @param list<LogLineView> $log
     * @param list<MoveView>    $moves
     * @param list<string>      $cautions
     * @param int|null          $price    minor units
     */
    public function __construct(
        public int $number,
        public string $tag,
        public int $version,
        public string $state,
        public ?string $station,
        public string $label,
        public string $customer,
        public string $contact,
        public array $words,
        public string $roster,
        public ?ThingView $thing,
        public string $useOf,
        public ?FilmView $film,
        public int $quantity,
        public ?string $neededAt,
        public ?string $onBy,
        public bool $late,
        public bool $appliedHere,
        public string $note,
        public Answers $answers,
        public DesignView $design,
        public array $pieces,
        public array $proofs,
        public array $log,
        public array $moves,
        public array $cautions,
        public ?int $price,
    ) {
    }
}
